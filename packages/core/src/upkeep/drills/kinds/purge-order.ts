import { RISER_KINDS, type RiserKind, purgeSteps } from '../../../judgement/bench/index.js';
import { type GasPurgeInput, gasPurge } from '../../../physics/gas/index.js';
import { type DrillMaker, RIGHT } from '../made-drill.js';

/** The riser and its line. The steps to be put in order are in `answer.items`. */
export interface PurgeOrderQuestion {
  riser: RiserKind;
  line: GasPurgeInput;
  /** How far the sacrificial valve may be opened, 0 to 1. */
  opening: number;
  seconds: number;
}

const LINES_M = [
  { insideDiameterM: 0.0525, from: 10, to: 40 },
  { insideDiameterM: 0.0409, from: 8, to: 30 },
  { insideDiameterM: 0.0779, from: 10, to: 30 },
] as const;
const PRESSURES_PA = [1750, 3450, 13_790];

/** A gas line to be cleared through a sacrificial valve: its steps put in order. */
export const purgeOrder: DrillMaker<PurgeOrderQuestion, readonly string[]> = ({ draw, level }) => {
  const { insideDiameterM, from, to } = draw.of(LINES_M);
  const line: GasPurgeInput = {
    segments: [{ insideDiameterM, lengthM: draw.whole(from, to) }],
    gas: draw.of(['natural-gas', 'lp-gas'] as const),
    pressurePa: draw.of(PRESSURES_PA),
    outlet: { openKv: draw.whole(8, 20), characteristic: 'ball' },
    ...(level === 3 && { excessFlowTripM3h: draw.whole(20, 60) }),
  };
  const riser = level === 1 ? 'plain' : level === 2 ? 'insulated' : draw.of(RISER_KINDS);
  const { opening, seconds } = gasPurge(line).recommended;
  const steps = purgeSteps(riser, {
    opening: `${Math.round(opening * 100)} %`,
    seconds: `${Math.round(seconds)} s`,
  });
  const key = steps.map(({ id }) => id);
  return {
    question: { riser, line, opening, seconds },
    answer: { form: 'order', items: draw.some(steps, steps.length) },
    trade: 'gas',
    key,
    grade: (order) => {
      const place = steps.findIndex(({ id }, at) => order[at] !== id);
      const step = steps[place];
      if (!step) return { ...RIGHT, why: [{ text: 'This is the order of the purge card.' }] };
      const before = steps[place - 1];
      return {
        right: false,
        score: pairsInOrder(key, order),
        why: [
          {
            text: before ? `After “${before.text}” comes “${step.text}”` : `It begins with “${step.text}”`,
          },
          { text: 'The riser valve never throttles grit, and nothing is opened before the vent is watched.' },
        ],
      };
    },
  };
};

/** The share of pairs that stand the right way round. */
function pairsInOrder(key: readonly string[], order: readonly string[]): number {
  let right = 0;
  let pairs = 0;
  key.forEach((first, at) => {
    for (const second of key.slice(at + 1)) {
      pairs += 1;
      const [a, b] = [order.indexOf(first), order.indexOf(second)];
      if (a >= 0 && b > a) right += 1;
    }
  });
  return pairs === 0 ? 0 : right / pairs;
}
