import { takenFamily } from './spec-family.js';
import type { SpecFamily, ValveSpec } from './valve-spec.js';

const WORDS: Readonly<Record<SpecFamily, string>> = {
  stop: 'stops',
  bronze: 'brass and bronze',
  steel: 'steel',
  waterworks: 'waterworks',
  check: 'checks',
  prv: 'pressure reducing',
  plastic: 'plastic',
};

/**
 * The heading a line stands under on an order sheet.
 *
 * @param spec of a valve; without one it is a part
 *
 * @example
 * familyWords({ type: 'check-swing' }) // 'checks'
 */
export function familyWords(spec: ValveSpec | undefined): string {
  if (!spec) return 'parts';
  const family = spec.family ?? takenFamily(spec);
  return family ? WORDS[family] : 'other valves';
}
