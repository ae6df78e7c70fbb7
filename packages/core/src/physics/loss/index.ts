export { CV_PER_KV, kFromKv, kvDropPa, kvFromK } from './flow-coefficient.js';
export { type FluidFigures } from './fluid.js';
export { type Regime, frictionFactor, fullyRoughFactor } from './friction-factor.js';
export { type PipeLoss, hazenWilliamsLoss, pipeLoss, pipeVelocityMs } from './pipe-loss.js';
export { type PortProfile, portProfile } from './port-profile.js';
export { fallingShare, flowShare, restOfLineKv } from './series-flow.js';
export { type ValveShape, valveResistance } from './valve-resistance.js';
export { pipeLossCalculation } from './pipe-loss-calculation.js';
export { valveLossCalculation } from './valve-loss-calculation.js';
