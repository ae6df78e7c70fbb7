import type { Calculation } from '../calculation/index.js';
import { checkSlamCalculation, checkVelocityCalculation } from '../checks/index.js';
import { gasPurgeCalculation, gasRunCalculation } from '../gas/index.js';
import { hookUpCalculation } from '../hook-up/index.js';
import { isolateCalculation, segmentsCalculation } from '../isolation/index.js';
import { pipeLossCalculation, valveLossCalculation } from '../loss/index.js';
import { orderLineCalculation, readOrderCalculation, readTagCalculation } from '../ordering/index.js';
import { pressureRatingCalculation } from '../rating/index.js';
import { selectCalculation } from '../selection/index.js';
import { steamStopCalculation } from '../steam/index.js';
import { surgeCalculation } from '../surge/index.js';
import { takeoffCalculation } from '../takeoff/index.js';
import { throttleCalculation } from '../throttle/index.js';

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
  isolateCalculation,
  segmentsCalculation,
  hookUpCalculation,
  orderLineCalculation,
  readOrderCalculation,
  readTagCalculation,
  takeoffCalculation,
] as unknown as readonly Calculation[];
