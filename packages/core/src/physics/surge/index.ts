export { type PipeWall, waveSpeedMs } from './wave-speed.js';
export { type Arrester, arresterHeadM } from './arrester.js';
export {
  CLOSURE_LAWS,
  type Closure,
  type ClosureLaw,
  type HandlePoint,
  effectiveOpening,
  handClosing,
} from './closure.js';
export { type Surge, type SurgeInput, type SurgeOptions, surge } from './surge.js';
export { fewestReaches, reachesFor } from './fewest-reaches.js';
export { surgeCalculation } from './surge-calculation.js';
export { type Closing, type Transient, type TransientPipe, transient } from './transient.js';
