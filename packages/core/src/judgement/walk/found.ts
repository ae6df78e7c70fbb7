import { type RecordOf, choice, flag, number, optional, record, text } from '../../ground/input/index.js';
import { VALVE_TYPES } from '../../ground/valves/index.js';

export const TURNING = ['freely', 'stiff', 'seized', 'not-tried'] as const;
export const HOLDING = ['tight', 'weeps', 'passes', 'not-tried'] as const;
export const LEAKING = ['no', 'stem', 'body', 'joint', 'somewhere'] as const;
export const STANDING = ['open', 'shut'] as const;
/** What comes through after it was shut and opened again, against before. */
export const FLOW_BACK = ['full', 'less', 'none'] as const;
/** What may be at a position; `nothing` where a valve should be and none is. */
export const FOUND_TYPES = [...VALVE_TYPES, 'nothing'] as const;

export const foundFields = {
  type: optional(choice(FOUND_TYPES)),
  marking: optional(text(200, 'markings on the tag or casting')),
  turning: optional(choice(TURNING, 'does it turn')),
  holding: optional(choice(HOLDING, 'does it shut off')),
  leaking: optional(choice(LEAKING, 'does it leak outside')),
  turns: optional(number({ min: 0, max: 2000, meaning: 'counted from open to closed' })),
  handleShows: optional(flag('the handle shows the true position')),
  standing: optional(choice(STANDING, 'position it was left in')),
  flow: optional(choice(FLOW_BACK, 'flow after it was reopened, against before')),
  flowBeforeM3s: optional(number({ unit: 'm3/s', min: 0 })),
  flowAfterM3s: optional(number({ unit: 'm3/s', min: 0 })),
};

/** What somebody standing at a position found; what was not looked at is left out. */
export const foundInput = record(foundFields);
export type Found = RecordOf<typeof foundFields>;
