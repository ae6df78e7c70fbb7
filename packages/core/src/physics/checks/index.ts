export { type CheckSlam, type CheckSlamInput, SOFT_SLAM_UNDER_PA, checkSlam } from './check-slam.js';
export { checkSlamCalculation } from './check-slam-calculation.js';
export { type CheckVelocity, type CheckVelocityInput, checkVelocity } from './check-velocity.js';
export { checkVelocityCalculation } from './check-velocity-calculation.js';
export { CHECK_TYPES, type CheckType, leastVelocityMs } from './least-velocity.js';
