import type { CatalogueModel } from '../../judgement/line-up/index.js';
import { familyOf, isSupplyStop } from '../../ground/valves/index.js';
import { TAKEOFF_FIXTURES, type TakeoffFixture } from './stops-per-fixture.js';

/** A shut-off for a whole line, counted beside the fixtures. */
export const MAIN_SHUT_OFF = 'main-shut-off';
/** All that is counted, in the order of the table. */
export const COUNTED = [...TAKEOFF_FIXTURES, MAIN_SHUT_OFF] as const;
export type Counted = (typeof COUNTED)[number];

export interface StopKindFacts {
  words: string;
  /** What it stands in front of. */
  serves: readonly Counted[];
  /** Whether a model is made for it. */
  suits(model: CatalogueModel): boolean;
  /** Usual size. */
  dn: number;
  /** One piece holds all stops of a fixture. */
  onePerFixture?: true;
}

const hasHose = ({ ends = [] }: CatalogueModel): boolean => ends.includes('male-hose');
const isBall = ({ type }: CatalogueModel): boolean => type === 'ball';

/** Kinds of stops by what they serve; each is bought in a model and a size of its own. Source: the trade’s usual equipment. */
const TABLE = {
  'fixture-stop': {
    words: 'Fixture stops',
    serves: [
      'basin',
      'kitchen-sink',
      'utility-sink',
      'bidet',
      'shower',
      'bath',
      'toilet',
      'urinal',
      'dishwasher',
    ],
    suits: (model) => isSupplyStop(model.type) && !hasHose(model),
    dn: 15,
  },
  box: {
    words: 'Boxes for washer and ice maker',
    serves: ['clothes-washer', 'ice-maker'],
    suits: (model) => isSupplyStop(model.type) && hasHose(model),
    dn: 15,
    onePerFixture: true,
  },
  heater: {
    words: 'Shut-offs at the water heater',
    serves: ['water-heater'],
    suits: (model) => isBall(model) && !hasHose(model),
    dn: 20,
  },
  'hose-bibb': {
    words: 'Hose bibbs',
    serves: ['hose-bibb'],
    suits: (model) => hasHose(model) && !isSupplyStop(model.type),
    dn: 15,
  },
  'boiler-feed': {
    words: 'Shut-offs at the boiler feed',
    serves: ['boiler-feed'],
    suits: (model) => isBall(model) && !hasHose(model),
    dn: 15,
  },
  'main-shut-off': {
    words: 'Main shut-offs',
    serves: [MAIN_SHUT_OFF],
    suits: ({ type }) => familyOf(type) === 'ball' || familyOf(type) === 'gate',
    dn: 25,
  },
} as const satisfies Record<string, StopKindFacts>;

export type StopKind = keyof typeof TABLE;
export const STOP_KINDS = Object.keys(TABLE) as StopKind[];
export const STOP_KIND_FACTS: Readonly<Record<StopKind, StopKindFacts>> = TABLE;

/**
 * What a job takes of one kind of stop, as the takeoff counts it: fixtures with how many, and the stops of each.
 *
 * @param kind     of stops
 * @param counts   fixtures and main shut-offs
 * @param template stops per fixture
 *
 * @example
 * stopsOfKind('box', { 'clothes-washer': 3 }, STOPS_PER_FIXTURE) // { fixtures: [{ kind: 'clothes-washer', count: 3 }], template: { 'clothes-washer': 1 } }
 */
export function stopsOfKind(
  kind: StopKind,
  counts: Partial<Record<Counted, number>>,
  template: Readonly<Record<TakeoffFixture, number>>,
): { fixtures: { kind: Counted; count: number }[]; template: Record<string, number> } {
  const { serves, onePerFixture } = STOP_KIND_FACTS[kind];
  return {
    fixtures: serves.flatMap((of) => {
      const count = counts[of] ?? 0;
      return count > 0 ? [{ kind: of, count }] : [];
    }),
    template: Object.fromEntries(
      serves.map((of) => [of, onePerFixture || of === MAIN_SHUT_OFF ? 1 : template[of]]),
    ),
  };
}
