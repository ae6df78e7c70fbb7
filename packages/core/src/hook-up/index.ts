export { type Facing, type FacingAbout, facingOf } from './facing.js';
export { type BoltSet, FLANGE_BOLTING, boltSet } from './flange-bolting.js';
export {
  type HookUp,
  type HookUpCase,
  type HookUpSide,
  type JoinedSide,
  type Way,
  hookUp,
  partKey,
} from './hook-up.js';
export { type HookUpChoices, hookUpCalculation, hookUpChoicesInput } from './hook-up-calculation.js';
export { JOINTS, type JointId } from './joints.js';
export { CONSUMED, type Part, type PartId } from './part.js';
export { partWords } from './part-words.js';
export { PLACE_LIMITS, PLACE_LIMIT_IDS, type PlaceLimit, placeLimitsOf } from './place-limits.js';
export type { WayReason } from './way-rules.js';
export type { PipeSide } from './ways.js';
export { wayWords } from './way-words.js';
