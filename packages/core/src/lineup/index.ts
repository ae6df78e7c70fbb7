export { type AtHandle, atHandle } from './at-handle.js';
export {
  type CatalogueModel,
  type ModelSize,
  candidateOf,
  catalogueModelInput,
  sizeFor,
} from './catalogue-model.js';
export { type Cost, costOf } from './cost.js';
export { type FlowPoint, flowCurve } from './flow-curve.js';
export { type HammerCurve, hammerCurve } from './hammer-curve.js';
export { type Column, type LineUp, lineUp } from './line-up.js';
export { type JudgedPick, type PickedNow, judgePick, pickedNow } from './judge-pick.js';
export { modelWords } from './model-words.js';
export { type OpenValve, openValve } from './open-valve.js';
export { pickReason } from './pick-reason.js';
