import { type ValveType, valveTypeFacts } from '../../ground/valves/index.js';
import { type Facing, facingOf } from './facing.js';

/** Types that shut off from both sides alike. Source: how their seats are made; the maker's sheet goes before it. */
const FROM_BOTH_SIDES: ReadonlySet<ValveType> = new Set([
  'ball',
  'gate-solid',
  'gate-resilient',
  'quarter-turn-stop',
  'butterfly-resilient',
  'butterfly-gas-cock',
  'plug-taper',
  'plug-lubricated',
  'diaphragm',
]);

const TOLD: ReadonlySet<Facing['about']> = new Set(['arrow', 'hinge-pin', 'shaft', 'stem', 'ends']);

/**
 * Which way a type goes into a level line: its arrow, and how hinge, shaft and stem stand.
 *
 * @param type kind of valve
 * @returns sentences; a type without an arrow of its own says whether the flow may come from both sides
 * Source: usual installation practice; the maker's sheet goes before it.
 *
 * @example
 * flowWay('ball')[0] // 'No arrow: it shuts off from both sides.'
 */
export function flowWay(type: ValveType): string[] {
  const { serves, madeDn } = valveTypeFacts(type);
  const told = facingOf(
    { function: serves[0] ?? 'isolate', medium: 'potable-cold', dn: madeDn[0], orientation: 'horizontal' },
    { type },
  ).filter(({ about }) => TOLD.has(about));
  const arrow = told.some(({ about }) => about === 'arrow')
    ? []
    : [
        FROM_BOTH_SIDES.has(type)
          ? 'No arrow: it shuts off from both sides.'
          : 'As the arrow or the port marks on its body show.',
      ];
  return [...arrow, ...told.map(({ text }) => text)];
}
