import { type BodyMaterial, type ValveType, isCheck, isPlastic } from '../../ground/valves/index.js';
import { STEELS, type SpecFamily, type ValveSpec } from './valve-spec.js';

const STOPS: readonly ValveType[] = ['compression-stop', 'compression-stop-angle', 'quarter-turn-stop'];
const SMALL_BODIES: readonly BodyMaterial[] = ['brass', 'dzr-brass', 'plated-brass', 'bronze'];
const IRONS: readonly BodyMaterial[] = ['ductile-iron', 'grey-iron'];
const isOneOf = (list: readonly string[], value: string | undefined): boolean =>
  value !== undefined && list.includes(value);

/**
 * The counter's family of a valve: by type where that decides, else by standard and body.
 *
 * @returns undefined where nothing said so far tells
 *
 * @example
 * familyOfSpec({ type: 'gate-solid', body: 'A216 WCB' }) // 'steel'
 */
export function familyOfSpec({
  type,
  body,
  standard,
  ends,
  rating,
  form,
}: ValveSpec): SpecFamily | undefined {
  if (isOneOf(STOPS, type) || form) return 'stop';
  if (type && isCheck(type)) return 'check';
  if (type === 'pressure-reducing') return 'prv';
  if (isPlastic(body)) return 'plastic';
  if (standard?.startsWith('AWWA') || ends?.some(({ style }) => style === 'mechanical-joint'))
    return 'waterworks';
  if (isOneOf(IRONS, body) || type === 'gate-resilient') return 'waterworks';
  if (isOneOf([...STEELS, 'carbon-steel'], body) || (standard?.startsWith('API') ?? false)) return 'steel';
  if (isOneOf(SMALL_BODIES, body)) return 'bronze';
  if (body === 'stainless') return rating?.kind === 'class' ? 'steel' : 'bronze';
  return rating && rating.kind !== 'class' ? 'bronze' : undefined;
}

const SMALL_TO_DN = 100;

/**
 * The same, and small bronze for any valve up to DN100 that nothing else tells of: what a counter takes it for.
 *
 * @example
 * takenFamily({ type: 'ball', dn: 20 }) // 'bronze'
 */
export function takenFamily(spec: ValveSpec): SpecFamily | undefined {
  const isSmall = spec.type !== undefined && (spec.dn ?? 0) <= SMALL_TO_DN;
  return familyOfSpec(spec) ?? (isSmall ? 'bronze' : undefined);
}
