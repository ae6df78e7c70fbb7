import type { Medium } from '../../ground/media/index.js';
import { VALVE_STORIES, type ValveType } from '../../ground/valves/index.js';

/** Years by which half have failed, and how the failures are spread around them (Weibull shape). */
export interface TypicalLife {
  medianYears: number;
  shape: number;
  /** Where the figure is from. */
  source: string;
}

const PRACTICE = 'judgement from practice';

/** Lives by type, where the trade has one in its head. Source: judgements of practitioners, no statistics. */
const LIVES: Partial<Record<ValveType, readonly [medianYears: number, shape: number]>> = {
  ball: [30, 3],
  'gate-solid': [12, 1.8],
  'gate-resilient': [45, 3.5],
  'butterfly-resilient': [30, 3],
  'butterfly-metal': [30, 3],
  'plug-eccentric': [35, 3],
  'plug-taper': [20, 1.5],
  'compression-stop': [15, 2],
  'compression-stop-angle': [15, 2],
  'quarter-turn-stop': [30, 2.5],
  'radiator-disc': [10, 3],
  'radiator-metering': [40, 3],
  'pressure-reducing': [10, 2.2],
  solenoid: [10, 1.5],
  relief: [8, 2],
  'check-spring-inline': [12, 2.2],
};
const EXERCISED_GATE: readonly [number, number] = [25, 2.2];
/** The part of a sewage check that gives out: the ball, or the flapper. */
const ON_SEWAGE: typeof LIVES = { 'check-ball': [3, 2.5], 'check-swing': [8, 2] };
const SEWAGE: readonly Medium[] = ['raw-sewage', 'screened-effluent'];
/** How failures spread where only a range of years is known. */
const COMMON_SHAPE = 2;

/**
 * The usual life of a type in a medium.
 *
 * @param type        of the valve
 * @param medium      of its line
 * @param isExercised whether somebody operates it every year or so
 * @returns median in years, shape, and where the figure is from
 * Source: judgements from practice; else the middle of the range of the type's description.
 *
 * @example
 * typicalLife('gate-solid', 'potable-cold', true).medianYears // 25
 */
export function typicalLife(type: ValveType, medium: Medium, isExercised: boolean): TypicalLife {
  const known =
    (SEWAGE.includes(medium) ? ON_SEWAGE[type] : undefined) ??
    (type === 'gate-solid' && isExercised ? EXERCISED_GATE : LIVES[type]);
  if (known) return { medianYears: known[0], shape: known[1], source: PRACTICE };
  const [low, high] = VALVE_STORIES[type].lifeYears;
  return {
    medianYears: (low + high) / 2,
    shape: COMMON_SHAPE,
    source: `middle of the usual ${low} to ${high} years`,
  };
}
