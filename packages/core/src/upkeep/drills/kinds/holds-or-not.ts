import {
  type HoldSample,
  type HoldTest,
  type HoldTestCase,
  type NotProvedReason,
  holdTest,
} from '../../../physics/pressure-test/index.js';
import { ATMOSPHERE_PA, ZERO_C_K } from '../../../ground/media/index.js';
import { type Draw, untilMade } from '../draw.js';
import { type DrillLevel, type DrillMaker, RIGHT } from '../made-drill.js';

/** The gauge's log, with what was to be held and for how long. */
export type HoldsOrNotQuestion = HoldTestCase;

const CHOICES = ['holds', 'leaks', 'not-proved'] as const;
const CHOICE_WORDS = { holds: 'It holds', leaks: 'It leaks', 'not-proved': 'Not proved' } as const;
/** Of the allowance, what a drop must differ from it by to be a fair question. */
const FAIR = 0.4;
const EVERY_S = 60;
const START_C = 16;
/** Of the allowance: what leaks. */
const LEAK = { 1: [5, 9], 2: [2.5, 5], 3: [1.6, 2.5] } as const;
/** Kelvins that the day moves. */
const SWING_K = { 1: 0.3, 2: 2, 3: 4 } as const;
const SAYS_HOLDS_SCORE = 0;
const NEAR_SCORE = 0.3;

const WHY_NOT_PROVED: Readonly<Record<NotProvedReason, string>> = {
  'under-pressure': 'The test pressure was never reached.',
  'too-short': 'It was not watched long enough.',
  'too-few': 'There are too few readings.',
  'temperature-unknown': 'Nobody read the temperature: warmth alone could explain what the gauge shows.',
  rising: 'It rises more than the day’s warmth explains: something feeds it.',
};

/** A gauge's log with the warmth of the day in it: holds, leaks, or not proved? */
export const holdsOrNot: DrillMaker<HoldsOrNotQuestion, string> = ({ draw, level }) => {
  const wanted = draw.of(CHOICES);
  const { question, result } = untilMade(() => {
    const log = logOf(draw, level, wanted);
    const test = holdTest(log);
    return test.verdict === wanted && isFair(test) ? { question: log, result: test } : undefined;
  });
  const { verdict } = result;
  return {
    question,
    answer: { form: 'choice', choices: CHOICES.map((id) => ({ id, text: CHOICE_WORDS[id] })) },
    trade: 'gas',
    key: verdict,
    grade: (answer) => {
      const why = reasons(result);
      if (answer === verdict) return { ...RIGHT, why };
      // To call a leak tight is the one mistake that hurts.
      return { right: false, score: answer === 'holds' ? SAYS_HOLDS_SCORE : NEAR_SCORE, why };
    },
  };
};

function reasons({
  verdict,
  reason,
  temperatureEffectPa = 0,
  firstPa = 0,
  lastPa = 0,
  dropPa = 0,
  allowancePa,
}: HoldTest): { text: string }[] {
  const warmth = Math.round(Math.abs(temperatureEffectPa));
  const seen = Math.round(Math.abs(firstPa - lastPa));
  if (verdict === 'not-proved') return [{ text: WHY_NOT_PROVED[reason ?? 'too-few'] }];
  return [
    {
      text: `The gauge moved by ${seen} Pa between the beginning and the end; the day’s warmth accounts for ${warmth} Pa.`,
    },
    {
      text: `What is left, ${Math.round(dropPa)} Pa over the hold, is ${dropPa > allowancePa ? 'more than' : 'within'} the ${Math.round(allowancePa)} Pa allowed.`,
    },
  ];
}

const isFair = ({ verdict, dropPa = 0, allowancePa }: HoldTest): boolean =>
  verdict === 'not-proved' || Math.abs(Math.abs(dropPa) - allowancePa) > FAIR * allowancePa;

/** Air under pressure in a gas line, read every minute. */
function logOf(draw: Draw, level: DrillLevel, wanted: (typeof CHOICES)[number]): HoldTestCase {
  const testPressurePa = draw.of([20_700, 34_500, 103_400, 207_000]);
  const holdS = draw.of([900, 1800, 3600]);
  const resolutionPa = Math.round(testPressurePa * 0.002);
  const allowancePa = 2 * resolutionPa;
  const [least, most] = LEAK[level];
  const dropPa = wanted === 'leaks' ? allowancePa * draw.between(least, most) : 0;
  const swingK = SWING_K[level] * draw.of([-1, 1]) * draw.between(0.6, 1);
  const flaw = wanted === 'not-proved' ? draw.of(['short', 'low', 'unread'] as const) : undefined;
  const lastS = flaw === 'short' ? holdS * draw.between(0.4, 0.8) : holdS * 1.1;
  const startPa = testPressurePa * (flaw === 'low' ? draw.between(0.7, 0.95) : draw.between(1.01, 1.05));
  const samples: HoldSample[] = [];
  for (let timeS = 0; timeS <= lastS; timeS += EVERY_S) {
    const temperatureC = START_C + swingK * Math.sin((Math.PI / 2) * (timeS / holdS));
    const absPa = (startPa + ATMOSPHERE_PA) * ((temperatureC + ZERO_C_K) / (START_C + ZERO_C_K));
    const gaugePa = absPa - ATMOSPHERE_PA - (dropPa * timeS) / holdS;
    samples.push({
      timeS,
      pressurePa: Math.round(gaugePa / (resolutionPa / 4)) * (resolutionPa / 4),
      ...(flaw !== 'unread' && { temperatureC: Number(temperatureC.toFixed(2)) }),
    });
  }
  return { kind: 'air', testPressurePa, holdS, samples, gaugeResolutionPa: resolutionPa, volumeM3: 0.05 };
}
