export { type Calculation, calculation } from './calculation.js';
