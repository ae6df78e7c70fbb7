export { type Throttle, type ThrottleInput, type ThrottlePoint, throttle } from './throttle.js';
export { throttleCalculation } from './throttle-calculation.js';
