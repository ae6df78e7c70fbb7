import { type RecordOf, choice, number, optional, record, text } from '../../ground/input/index.js';
import { PIPE_MATERIALS, usualPipe } from '../../ground/pipes/index.js';
import { VALVE_TYPES } from '../../ground/valves/index.js';
import { FIXTURE_KINDS } from './fixtures.js';

export const WALK_KINDS = ['source', 'run', 'valve', 'tee', 'fixture'] as const;
export type WalkKind = (typeof WALK_KINDS)[number];

export const DEEPEST_BRANCH = 12;
export const LONGEST_WALK = 20_000;

const itemId = text(60, 'made where it was written');

export const walkItemFields = {
  id: itemId,
  kind: choice(WALK_KINDS),
  depth: number({
    integer: true,
    min: 0,
    max: DEEPEST_BRANCH,
    meaning: 'how far it is indented: a branch of what it stands under',
  }),
  name: optional(text(120)),
  material: optional(choice(PIPE_MATERIALS, 'of a run')),
  dn: optional(number({ integer: true, above: 0, max: 2000, meaning: 'nominal size of a run' })),
  insideDiameterM: optional(
    number({ unit: 'm', above: 0, max: 5, meaning: 'as measured; else by the pipe tables' }),
  ),
  lengthM: optional(number({ unit: 'm', min: 0, max: 1e5, meaning: 'of a run' })),
  riseM: optional(number({ unit: 'm', min: -1000, max: 1000, meaning: 'rise from start to end of a run' })),
  endsAt: optional(text(60, 'the item a run comes back to, in a loop')),
  positionId: optional(text(60, 'of a valve: the position it is')),
  type: optional(
    choice(VALVE_TYPES, 'of a valve, as it was first written; findings recorded later come first'),
  ),
  fixture: optional(choice(FIXTURE_KINDS)),
  count: optional(number({ integer: true, min: 1, max: 10_000, meaning: 'how many fixtures' })),
};

/** One line of a walk: where the water comes from, a run of pipe, a valve, a tee, a fixture. Indented, it is a branch of the one above. */
export const walkItemInput = record(walkItemFields);
export type WalkItem = RecordOf<typeof walkItemFields>;

/** Inside diameter of a run, m: as measured, else of the usual pipe of its material and size; undefined where neither is known. */
export function runBoreM({ insideDiameterM, material, dn }: WalkItem): number | undefined {
  return insideDiameterM ?? (material && dn !== undefined ? usualPipe(material, dn)?.insideM : undefined);
}
