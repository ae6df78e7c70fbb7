import {
  type CheckDiagnosis,
  type CheckVerdict,
  STATION_FAULTS,
  type StationSample,
  checkDiagnosis,
  playStation,
  wellAt,
} from '../../../physics/station-log/index.js';
import { untilMade } from '../draw.js';
import { type DrillItem, type DrillMaker, RIGHT } from '../made-drill.js';

/** A lift station's log. */
export interface WhatIsWrongQuestion {
  samples: StationSample[];
  wellAreaM2: number;
  pumpFlowM3s: number;
}

interface Told {
  verdict: CheckVerdict;
  /** From when on, in hours from the beginning of the log. */
  sinceH?: number;
}

const HOUR_S = 3600;
const EVERY_S = 60;
/** Hours of the log, and how long before its end the trouble begins. */
const HOURS = { 1: 24, 2: 36, 3: 48 } as const;
const VERDICT_WORDS: Readonly<Record<CheckVerdict, string>> = {
  holding: 'The check holds',
  passing: 'The check leaks by',
  'stuck-open': 'The check is stuck open',
};
const VERDICT_ONLY_SCORE = 0.6;
const TROUBLE_SCORE = 0.3;
/** A log from the middle of the week, so that two logs are not the same. */
const BEGINS_S = [0, 5, 11, 23, 31, 47, 62].map((hours) => hours * HOUR_S);

/** A lift station's log: does its check hold, does it leak by, is it stuck open, and since when? */
export const whatIsWrong: DrillMaker<WhatIsWrongQuestion, string> = ({ draw, level }) => {
  const { question, result } = untilMade(() => {
    const hours = HOURS[level];
    const beginsS = draw.of(BEGINS_S);
    const fault = draw.of(STATION_FAULTS);
    const wellAreaM2 = draw.of([2, 2.5, 3, 4]);
    const pumpFlowM3s = Number(draw.between(0.007, 0.014).toFixed(4));
    const fromS = beginsS + draw.whole(6, hours - 8) * HOUR_S;
    const { samples: played } = playStation(
      { fault, fromS, wellAreaM2, pumpFlowM3s, everyS: EVERY_S },
      wellAt(beginsS),
      beginsS + hours * HOUR_S,
    );
    const samples = played.map((sample) => ({
      ...sample,
      timeS: sample.timeS - beginsS,
      levelM: Number(sample.levelM.toFixed(3)),
    }));
    const found = checkDiagnosis({ samples, wellAreaM2, pumpFlowM3s });
    const isMeant = found.verdict === SHOWS[fault] && found.tooFew === undefined;
    return isMeant ? { question: { samples, wellAreaM2, pumpFlowM3s }, result: found } : undefined;
  });
  const right = toldOf(result);
  const choices = choicesFor(right, level, HOURS[level]);
  return {
    question,
    answer: { form: 'choice', choices: draw.some(choices.map(itemOf), choices.length) },
    trade: 'sewage',
    key: idOf(right),
    grade: (answer) => {
      const why = [
        ...result.evidence.slice(0, 2).map(({ text }) => ({ text })),
        {
          text:
            right.sinceH === undefined
              ? 'After each stop the well rises no faster than its inflow: nothing runs back.'
              : `${VERDICT_WORDS[right.verdict]} since hour ${right.sinceH}: about ${Math.round(result.extraStartsPerDay)} more starts a day.`,
        },
      ];
      if (answer === idOf(right)) return { ...RIGHT, why };
      const [verdict] = answer.split(SINCE);
      if (verdict === right.verdict) return { right: false, score: VERDICT_ONLY_SCORE, why };
      const bothTrouble = verdict !== 'holding' && right.verdict !== 'holding';
      return { right: false, score: bothTrouble ? TROUBLE_SCORE : 0, why };
    },
  };
};

const SHOWS = { holds: 'holding', passes: 'passing', 'sticks-open': 'stuck-open' } as const;
const SINCE = '@';

const toldOf = ({ verdict, sinceS }: CheckDiagnosis): Told => ({
  verdict,
  ...(sinceS !== undefined && { sinceH: Math.round(sinceS / HOUR_S) }),
});

const idOf = ({ verdict, sinceH }: Told): string =>
  sinceH === undefined ? verdict : `${verdict}${SINCE}${sinceH}`;

const itemOf = (told: Told): DrillItem => ({
  id: idOf(told),
  text: `${VERDICT_WORDS[told.verdict]}${told.sinceH === undefined ? '' : ` since hour ${told.sinceH}`}`,
});

/** On the first level what is wrong; then also since when. */
function choicesFor(right: Told, level: 1 | 2 | 3, hours: number): Told[] {
  const sinceH = right.sinceH ?? Math.round(hours / 2);
  const apart = level === 3 ? 5 : 9;
  const other = sinceH - apart > 2 ? sinceH - apart : sinceH + apart;
  const all = (hour: number): Told[] => [
    { verdict: 'passing', sinceH: hour },
    { verdict: 'stuck-open', sinceH: hour },
  ];
  return [{ verdict: 'holding' }, ...all(sinceH), ...(level === 1 ? [] : all(other))];
}
