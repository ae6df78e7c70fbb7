export { type ClosingLine, type ClosingRun, type OpenLine, closingLine, lineOfRun } from './closing-line.js';
export { closingLaw } from './closing-law.js';
export { closingPeakPa, leastClosingS, mostPeakPa } from './closing-peak.js';
export { type ClosingTime, closingTime } from './closing-time.js';
