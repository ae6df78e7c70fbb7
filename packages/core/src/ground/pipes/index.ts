export { PIPE_TABLES, type PipeTable } from './pipe-tables.js';
export {
  PIPE_FACTS,
  PIPE_MATERIALS,
  type PipeMaterial,
  isPlasticPipe,
  nearestPipe,
  usualPipe,
  wallOfM,
} from './pipe.js';
