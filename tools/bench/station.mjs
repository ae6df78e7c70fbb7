// Station logs: a year of levels every ten seconds diagnosed, against one pass over the same samples.
import * as core from '@grevik/core';
import { median, report } from './measure.mjs';

const DAY_S = 86_400;
const STATION = { fault: 'sticks-open', fromS: 250 * DAY_S, everyS: 10, wellAreaM2: 2.5, pumpFlowM3s: 0.01 };
/** @type {import('@grevik/core').StationSample[]} */
const samples = [];
let well = core.wellAt(0);
for (let day = 1; day <= 365; day += 1) {
  const played = core.playStation(
    /** @type {import('@grevik/core').PlayedStation} */ (STATION),
    well,
    day * DAY_S - 1,
  );
  ({ well } = played);
  for (const sample of played.samples) samples.push(sample);
}

const ROUNDS = 3;
const pass = await median(() => samples.reduce((sum, { levelM }) => sum + levelM, 0), ROUNDS);
const { wellAreaM2, pumpFlowM3s } = STATION;
const diagnosed = await median(() => core.checkDiagnosis({ samples, wellAreaM2, pumpFlowM3s }), ROUNDS);
report(
  `${samples.length.toLocaleString('en')} levels of a year diagnosed`,
  diagnosed,
  'one pass over the same samples',
  pass,
);
