import type { Calculation } from '../ground/calculation/index.js';
import { checkSlamCalculation, checkVelocityCalculation } from '../physics/checks/index.js';
import { gasPurgeCalculation, gasRunCalculation } from '../physics/gas/index.js';
import { hookUpCalculation } from '../judgement/hook-up/index.js';
import { isolateCalculation, segmentsCalculation } from '../physics/isolation/index.js';
import { pipeLossCalculation, valveLossCalculation } from '../physics/loss/index.js';
import {
  orderLineCalculation,
  readOrderCalculation,
  readTagCalculation,
} from '../trade/order-wording/index.js';
import {
  flushCalculation,
  holdTestCalculation,
  mainTestCalculation,
  reducerCheckCalculation,
} from '../physics/pressure-test/index.js';
import { checkDiagnosisCalculation } from '../physics/station-log/index.js';
import { drillCalculation, drillGradeCalculation } from '../upkeep/drills/index.js';
import { lifeCostCalculation } from '../upkeep/life/index.js';
import { replacementPlanCalculation } from '../upkeep/replacement/index.js';
import { nextDueCalculation } from '../upkeep/rounds/index.js';
import { pressureRatingCalculation } from '../physics/rating/index.js';
import {
  marginsCalculation,
  openQuestionsCalculation,
  remediesCalculation,
} from '../judgement/outlook/index.js';
import { selectCalculation } from '../judgement/selection/index.js';
import { steamStopCalculation } from '../physics/steam/index.js';
import { surgeCalculation } from '../physics/surge/index.js';
import { takeoffCalculation } from '../trade/takeoff/index.js';
import { throttleCalculation } from '../physics/throttle/index.js';

/** Every calculation that can be called by name. A line here puts it in the shell, the API and the browser. */
export const CALCULATIONS: readonly Calculation[] = [
  pipeLossCalculation,
  valveLossCalculation,
  pressureRatingCalculation,
  surgeCalculation,
  throttleCalculation,
  checkSlamCalculation,
  checkVelocityCalculation,
  gasRunCalculation,
  gasPurgeCalculation,
  steamStopCalculation,
  selectCalculation,
  marginsCalculation,
  openQuestionsCalculation,
  remediesCalculation,
  isolateCalculation,
  segmentsCalculation,
  hookUpCalculation,
  orderLineCalculation,
  readOrderCalculation,
  readTagCalculation,
  takeoffCalculation,
  flushCalculation,
  holdTestCalculation,
  mainTestCalculation,
  reducerCheckCalculation,
  nextDueCalculation,
  lifeCostCalculation,
  replacementPlanCalculation,
  checkDiagnosisCalculation,
  drillCalculation,
  drillGradeCalculation,
] as unknown as readonly Calculation[];
