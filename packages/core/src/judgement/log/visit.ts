import { type RecordOf, choice, list, number, optional, record, text } from '../../ground/input/index.js';
import { TURNING_TASKS, TASKS } from './tasks.js';
import { HOLDING, TURNING, type Found } from '../walk/index.js';

/** Why something was not done at a valve, with its words. */
export const NOT_DONE = {
  'no-access': 'no access',
  flooded: 'flooded',
  traffic: 'traffic',
  'in-use': 'in use, cannot be shut off',
  'not-found': 'valve not found',
  'would-break': 'did not turn with the torque allowed',
  'no-time': 'no time',
} as const;
export type NotDone = keyof typeof NOT_DONE;
export const NOT_DONE_REASONS = Object.keys(NOT_DONE) as NotDone[];

/** How a valve was left after a visit. */
export const LEFT = ['open', 'shut', 'as-found'] as const;

/** Points of a curve kept at most. */
export const CURVE_POINTS = 400;

const pointInput = record({
  turn: number({ min: -2000, max: 2000, meaning: 'from where it stood' }),
  torqueNm: number({ unit: 'N m', min: 0, max: 20_000 }),
});

const visitFields = {
  roundId: optional(text(60, 'the round it belongs to')),
  done: list(choice(TASKS), { most: TASKS.length }),
  notDone: optional(choice(NOT_DONE_REASONS, 'why not everything was done')),
  turning: optional(choice(TURNING, 'does it turn')),
  holding: optional(choice(HOLDING, 'does it shut off')),
  left: optional(choice(LEFT, 'how it was left')),
  turns: optional(number({ min: 0, max: 2000, meaning: 'counted from open to closed' })),
  curve: optional(list(pointInput, { most: CURVE_POINTS })),
};

/** What somebody did at a valve on a round, or why they did not. */
export const visitInput = record(visitFields);
export type Visit = RecordOf<typeof visitFields>;

/**
 * What a visit says of the valve.
 *
 * @example
 * foundOnVisit({ done: ['exercise'], turns: 26, holding: 'tight' }) // { turning: 'freely', turns: 26, holding: 'tight' }
 */
export function foundOnVisit({ done, turning, holding, left, turns }: Visit): Found | undefined {
  const turned = turning ?? (done.some((task) => TURNING_TASKS.includes(task)) ? 'freely' : undefined);
  const found: Found = {
    ...(turned !== undefined && turned !== 'not-tried' && { turning: turned }),
    ...(turns !== undefined && { turns }),
    ...(holding !== undefined && holding !== 'not-tried' && { holding }),
    ...(left !== undefined && left !== 'as-found' && { standing: left }),
  };
  return Object.keys(found).length > 0 ? found : undefined;
}
