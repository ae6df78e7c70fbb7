import { calculation } from '../../ground/calculation/index.js';
import { flag, list, number, optional, record } from '../../ground/input/index.js';
import { checkDiagnosis } from './check-diagnosis.js';

/** A year at one sample each ten seconds, and more. */
const MOST_SAMPLES = 4_000_000;

/** Three short cycles of a sound check. */
const example = Array.from({ length: 190 }, (_, at) => {
  const inCycle = at % 45;
  const pumpOn = inCycle >= 30;
  return { timeS: at * 10, levelM: pumpOn ? 1.3 - (inCycle - 30) * 0.02 : 1 + inCycle * 0.01, pumpOn };
});

export const checkDiagnosisCalculation = calculation({
  name: 'check-diagnosis',
  summary: 'Whether the check of a pump station holds, from the level of its well and its pump.',
  input: record({
    samples: list(
      record({
        timeS: number({ unit: 's', meaning: 'rising; more than 90 s apart is a gap' }),
        levelM: number({ unit: 'm' }),
        pumpOn: flag('whether the pump runs'),
      }),
      { least: 1, most: MOST_SAMPLES },
    ),
    wellAreaM2: number({ unit: 'm2', above: 0 }),
    pumpFlowM3s: optional(
      number({ unit: 'm3/s', above: 0, meaning: 'left out: judged against the log’s own first cycles' }),
    ),
  }),
  gives: {
    starts: 'of the pump, as the log saw them',
    startsPerHour: 'of the time the log saw',
    inflowM3s: 'm3/s, median over all cycles, without what runs back',
    backflowM3s: 'm3/s, mean over a rest, median of the cycles in trouble; 0 when it holds',
    backflowVolumeM3PerStop: 'm3 that run back after a stop, median likewise',
    verdict: '`holding`, `passing` or `stuck-open`, of the last five cycles of one kind',
    tooFew: 'true with three or four cycles: not known yet',
    sinceS: 's, the first stop of the trouble; left out when holding',
    evidence: 'cycles that show it: timeS, text, share, backflowM3',
    extraStartsPerDay: 'starts a day that the running back costs',
    extraRunS: 's of run time a day that it costs',
  },
  notes: [
    'A ball wedged out of the way gives no alarm: the pump starts far too often.',
    'Three or four cycles say nothing yet; fewer than three are refused.',
  ],
  basis: {
    method:
      'Balance of the well in each rest, with the inflow of the runs on both sides; median slopes; under 3 % of what was lifted holds, to 30 % passes.',
    source: 'Usual practice of lift-station crews; Theil and Sen for slopes.',
    limits: 'One pump at a time, a well of one plan area, samples 1 to 60 s apart.',
    ignores: 'Storage in the sewer above the well.',
  },
  example: { wellAreaM2: 3, pumpFlowM3s: 0.009, samples: example },
  run: checkDiagnosis,
});
