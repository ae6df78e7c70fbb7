export { type MovingColumn, type PipeWall, hammerRisePa, leastClosingTimeS, waveSpeedMs } from './hammer.js';
