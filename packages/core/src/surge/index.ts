export { type MovingColumn, type PipeWall, hammerRisePa, leastClosingTimeS, waveSpeedMs } from './hammer.js';
export { CLOSURE_LAWS, type Closure, type ClosureLaw, effectiveOpening } from './closure.js';
export { type Surge, type SurgeInput, surge } from './surge.js';
export { surgeCalculation } from './surge-calculation.js';
export { type Transient, type TransientPipe, transient } from './transient.js';
