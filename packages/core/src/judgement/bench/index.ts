export { type BenchValve, benchValve } from './bench-valve.js';
export {
  type CheckClosureCase,
  type StoppedCheck,
  checkClosure,
  checkClosureCase,
  decelerationMs2,
} from './check-closure.js';
export { type ControlCase, type HandleStep, controlCase, controlInput, handleStep } from './control-case.js';
export { type Filled, type Given, ORIGINS, type Origin, given, valuesOf } from './filled.js';
export { type HammerCase, hammerCase, hammerInput, usualKv } from './hammer-case.js';
export { type HammerFilm, hammerFilm } from './hammer-film.js';
export { type HammerFix, hammerFixes, leastClosing } from './hammer-fixes.js';
export { SWEPT_TYPES, type SweptPipe, type SweptRow, hammerSweep, sweptPipes } from './hammer-sweep.js';
export { ASSUMED_HEAT_W, type GasLine, type GasLineCase, type SizedRun, gasLine } from './gas-line.js';
export { type DirtyBall, type PartOpenGate, dirtyBall, partOpenGate } from './part-open.js';
export {
  type PurgeCard,
  type PurgeStepId,
  RISER_KINDS,
  type RiserKind,
  purgeCard,
  purgeSteps,
} from './purge-card.js';
export { type Radiator, type SetRadiator, setRadiators, usualRadiatorM2 } from './radiators.js';
export { MOST_WASH_MS, type WashBore, type WashCase, type WashLine, washLine } from './wash-line.js';
export {
  BENCHES,
  type Bench,
  type BenchFinding,
  benchFindingInput,
  standingFindings,
} from './bench-finding.js';
export { type KnownStation, type StationCase, stationCase, wellAreaM2 } from './station-case.js';
