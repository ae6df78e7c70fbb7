export type { Basis } from './basis.js';
export { type Calculation, calculation } from './calculation.js';
