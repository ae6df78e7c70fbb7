export { type AtHandle, atHandle } from './at-handle.js';
export {
  type CatalogueModel,
  type ModelSize,
  OF_SIZE,
  type OfSize,
  candidateOf,
  catalogueModelInput,
  modelInSize,
  priceEach,
  sizeFor,
} from './catalogue-model.js';
export { type RuledOutGroup, type TypeColumn, columnsByType, ruledOutByReason } from './columns-by-type.js';
export { type Compared, compare, openDropPa } from './compare.js';
export { type Cost, costOf } from './cost.js';
export { type FlowPoint, flowCurve } from './flow-curve.js';
export { type HammerCurve, hammerCurve } from './hammer-curve.js';
export { type Column, type LineUp, lineUp } from './line-up.js';
export { lineUpEach } from './line-up-each.js';
export { type JudgedPick, type PickedNow, judgePick, pickedNow } from './judge-pick.js';
export { modelWords } from './model-words.js';
export { type OpenValve, openValve } from './open-valve.js';
export { crossedEdges, edgeInput, pickEdges } from './pick-edges.js';
export { type PickContext, pickReason, reasonAlone } from './pick-reason.js';
export { type RatedAt, ratingCurve } from './rating-curve.js';
export { type Placed, type Switched, whatIf } from './what-if.js';
