export {
  CHECK_HOLDS_TO,
  type CheckDiagnosis,
  type CheckDiagnosisCase,
  type CheckVerdict,
  checkDiagnosis,
} from './check-diagnosis.js';
export { checkDiagnosisCalculation } from './check-diagnosis-calculation.js';
export {
  type PlayedStation,
  type PlayedWell,
  STATION_FAULTS,
  type StationFault,
  playStation,
  wellAt,
} from './played-station.js';
export { type StationColumns, stationColumns, stationSample } from './read-station-log.js';
export { medianSlope } from './median-slope.js';
export { type StationPhase, type StationSample, stationPhases } from './station-phases.js';
