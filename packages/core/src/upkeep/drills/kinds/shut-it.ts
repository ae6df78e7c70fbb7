import { type CharacteristicName, relativeKv } from '../../../ground/valves/index.js';
import { type HandlePoint, type SurgeInput, handClosing, surge } from '../../../physics/surge/index.js';
import { GRAVITY_MS2 } from '../../../ground/media/index.js';
import { untilMade } from '../draw.js';
import { type DrillGrade, type DrillMaker, RIGHT } from '../made-drill.js';

/** The pipe before the valve, and what one may take. */
export interface ShutItQuestion {
  lengthM: number;
  diameterM: number;
  frictionFactor: number;
  waveSpeedMs: number;
  sourceHeadM: number;
  initialFlowM3s: number;
  law: 'ball' | 'gate' | 'globe-linear' | 'butterfly';
  limitPa: number;
  /** The clock. */
  withinS: number;
}

const LAWS = ['ball', 'gate', 'globe-linear', 'butterfly'] as const;
/** Time on the clock, as a multiple of the shortest even closing that keeps under the limit. */
const CLOCK = { 1: 3, 2: 2, 3: 1.5 } as const;
/** Of the rise of a sudden closing, what may be. */
const RISE = { 1: [0.4, 0.55], 2: [0.3, 0.4], 3: [0.2, 0.3] } as const;
/** Faster no hand is. */
const BY_HAND_S = { ball: 0.8, butterfly: 0.8, gate: 2.5, 'globe-linear': 2.5 } as const;
const WATER_KG_M3 = 998.2;
const SEEN_S = 2;
const OVER_SCORE = 0.7;

/** A long line, a limit and a clock: shut it by hand. */
export const shutIt: DrillMaker<ShutItQuestion, readonly HandlePoint[]> = ({ draw, level }) => {
  const { question, leastS } = untilMade(() => {
    const lengthM = draw.whole(15, 60) * 10;
    const diameterM = draw.of([0.1023, 0.1541, 0.2027]);
    const velocityMs = draw.between(1, 1.8);
    const [low, high] = RISE[level];
    const sourceHeadM = draw.whole(35, 60);
    const waveSpeedMs = draw.of([1150, 1200, 1250, 1300]);
    const weight = WATER_KG_M3 * GRAVITY_MS2;
    const pipe = {
      lengthM,
      diameterM,
      frictionFactor: 0.02,
      waveSpeedMs,
      sourceHeadM,
      initialFlowM3s: Number((velocityMs * (Math.PI / 4) * diameterM ** 2).toPrecision(3)),
      law: draw.of(LAWS),
      limitPa:
        Math.round(
          (sourceHeadM * weight + draw.between(low, high) * WATER_KG_M3 * waveSpeedMs * velocityMs) / 1e4,
        ) * 1e4,
    };
    const { timeS } = surge({
      ...pipeOf(pipe),
      closure: { law: pipe.law, peakLimitPa: pipe.limitPa },
      durationS: SEEN_S,
    });
    if (timeS === undefined || timeS < BY_HAND_S[pipe.law]) return undefined;
    const withinS = Number((timeS * CLOCK[level]).toFixed(1));
    return { question: { ...pipe, withinS }, leastS: timeS };
  });
  const key = evenClosing((leastS + question.withinS) / 2);
  return {
    question,
    answer: { form: 'closing' },
    trade: 'water',
    key,
    grade: (closing) => gradeOf(question, leastS, closing),
  };
};

function gradeOf(question: ShutItQuestion, leastS: number, closing: readonly HandlePoint[]): DrillGrade {
  const { limitPa, withinS, law } = question;
  const tookS = closing[closing.length - 1]?.timeS ?? 0;
  const peakPa = peakOf(question, closing);
  const isOver = peakPa > limitPa;
  const isLate = tookS > withinS;
  const why = [
    {
      text: `Closed in ${said(tookS)}: the pressure rose to ${Math.round((peakPa / limitPa) * 100)} % of the limit.`,
    },
    ...(isOver
      ? [
          {
            text: `Closed evenly it takes at least ${said(leastS)}; the last part of the travel makes the hammer of ${LAW_WORDS[law]}, so take your time there.`,
          },
        ]
      : []),
    ...(isLate ? [{ text: `The clock gave ${said(withinS)}.` }] : []),
  ];
  if (!isOver && !isLate) return { ...RIGHT, why };
  const over = isOver ? OVER_SCORE * Math.max(0, 1 - (peakPa - limitPa) / limitPa) : 1;
  const late = isLate ? withinS / tookS : 1;
  return { right: false, score: Math.min(over, late), why };
}

const LAW_WORDS = {
  ball: 'a ball valve',
  gate: 'a gate',
  'globe-linear': 'a globe',
  butterfly: 'a butterfly',
} as const;

const said = (seconds: number): string => `${seconds.toFixed(1)} s`;

/** The highest pressure at the valve of a closing by hand, Pa gauge. */
export function peakOf(question: ShutItQuestion, closing: readonly HandlePoint[]): number {
  const effective = (opening: number): number =>
    relativeKv(question.law satisfies CharacteristicName, opening);
  const tookS = closing[closing.length - 1]?.timeS ?? 0;
  return surge(
    {
      ...pipeOf(question),
      closure: { law: question.law, timeS: tookS },
      durationS: tookS + SEEN_S,
    },
    { closing: handClosing(closing, effective) },
  ).peakPa;
}

const pipeOf = ({
  lengthM,
  diameterM,
  frictionFactor,
  waveSpeedMs,
  sourceHeadM,
  initialFlowM3s,
}: Omit<ShutItQuestion, 'withinS'>): Omit<SurgeInput, 'closure' | 'durationS'> => ({
  lengthM,
  diameterM,
  frictionFactor,
  waveSpeedMs,
  sourceHeadM,
  initialFlowM3s,
  series: false,
  envelope: false,
});

const evenClosing = (timeS: number): HandlePoint[] => [
  { timeS: 0, opening: 1 },
  { timeS: Number(timeS.toFixed(2)), opening: 0 },
];
