export { decimalCeiling, decimalDifference, decimalProduct, decimalSum, roundedAmount } from './decimal.js';
export { STOPS_PER_FIXTURE, TAKEOFF_FIXTURES, type TakeoffFixture } from './stops-per-fixture.js';
export {
  COUNTED,
  type Counted,
  MAIN_SHUT_OFF,
  STOP_KINDS,
  STOP_KIND_FACTS,
  type StopKind,
  stopsOfKind,
} from './stop-kinds.js';
export { USUAL_HOMES, USUAL_HOME_IDS, type UsualHome, type UsualHomeId } from './usual-homes.js';
export { type Takeoff, type TakeoffInput, type TakeoffOption, takeoff } from './takeoff.js';
export { takeoffCalculation } from './takeoff-calculation.js';
export { type Bought, breakEvenYear } from './break-even.js';
export { countedFixtures } from './counted-fixtures.js';
