import type { Candidate } from '../duty/index.js';
import { easeOfService } from './ease-of-service.js';
import type { Judged, Reason } from './judge-candidate.js';
import { STANDARD_WEIGHTS, type Weights } from './weights.js';

const CARE_COSTS = 12;
const SUPPORT_GIVES = 6;
const UNKNOWN_PIECES = 4;

/** What counts in a ranking, by the place of each valve. */
interface Counting {
  weights?: Weights;
  openKvs?: readonly (number | undefined)[] | undefined;
  lifeYears?: readonly (readonly [number, number])[] | undefined;
}

/**
 * Scores and ranks what is not ruled out: what fits before what needs care, each by its score.
 *
 * @param valves  the candidates
 * @param judged  what the rules say of each, in the same order
 * @param counting weights of what counts; Kv fully open and expected life of each; a part whose figure is not known for every valve left counts for none
 * @returns a score 0 to 100 for each (null for `out`), and the indexes of the rest, best first
 * Judgement: 100 less 12 a care, plus 6 a support, within 0 to 100. Price: the cheapest year of expected life over this one's. Loss: Kv over
 * the largest. Service: by how the body opens. Ties: fewer pieces, lower price, type id.
 *
 * @example
 * rank([{ type: 'ball' }], [{ verdict: 'fits', reasons: [] }]) // { scores: [100], ranked: [0] }
 */
export function rank(
  valves: readonly Candidate[],
  judged: readonly Judged[],
  { weights = STANDARD_WEIGHTS, openKvs, lifeYears }: Counting = {},
): { scores: (number | null)[]; ranked: number[] } {
  const ranked: number[] = [];
  judged.forEach(({ verdict }, index) => {
    if (verdict !== 'out') ranked.push(index);
  });
  const left = ranked.map((index) => valves[index] as Candidate);
  const parts: { weight: number; work: () => number[] | undefined }[] = [
    {
      weight: weights.judgement,
      work: () => ranked.map((index) => judgementScore(judged[index]?.reasons ?? [])),
    },
    {
      weight: weights.price,
      work: () => againstLeast(left.map((valve, at) => pricePerYear(valve, lifeYears?.[ranked[at] ?? 0]))),
    },
    { weight: weights.loss, work: () => againstMost(ranked.map((index) => openKvs?.[index])) },
    { weight: weights.service, work: () => left.map(easeOfService) },
  ];
  const counting = parts
    .filter(({ weight }) => weight > 0)
    .map(({ weight, work }) => ({ weight, of: work() }))
    .filter(({ of }) => of !== undefined);
  const whole = counting.reduce((sum, { weight }) => sum + weight, 0);
  const points = new Float64Array(judged.length);
  for (const { weight, of } of counting) {
    ranked.forEach((index, place) => {
      points[index] = (points[index] ?? 0) + (weight * (of?.[place] ?? 0)) / whole;
    });
  }
  const pointsOf = (index: number): number => points[index] ?? 0;
  const tied = inTies(valves);
  const isCare = (index: number): number => (judged[index]?.verdict === 'care' ? 1 : 0);
  ranked.sort((a, b) => isCare(a) - isCare(b) || pointsOf(b) - pointsOf(a) || tied(a, b) || a - b);
  return {
    scores: judged.map(({ verdict }, index) => (verdict === 'out' ? null : pointsOf(index))),
    ranked,
  };
}

function judgementScore(reasons: readonly Reason[]): number {
  let score = 100;
  for (const { verdict } of reasons) {
    if (verdict === 'care') score -= CARE_COSTS;
    else if (verdict === 'supports') score += SUPPORT_GIVES;
  }
  return Math.min(100, Math.max(0, score));
}

/** Each as 100 times the least over itself; nothing where one is not known. */
function againstLeast(values: readonly (number | undefined)[]): number[] | undefined {
  const known = allKnown(values);
  const least = known?.reduce((low, value) => Math.min(low, value), Infinity);
  return known?.map((value) => (value === 0 ? 100 : (100 * (least ?? 0)) / value));
}

/** Each as 100 times itself over the most; nothing where one is not known. */
function againstMost(values: readonly (number | undefined)[]): number[] | undefined {
  const known = allKnown(values);
  const most = known?.reduce((high, value) => Math.max(high, value), 0);
  return known?.map((value) => (most ? (100 * value) / most : 100));
}

function allKnown(values: readonly (number | undefined)[]): number[] | undefined {
  return values.every((value) => value !== undefined) ? [...values] : undefined;
}

/** Price over the middle of the expected life; undefined where either is not known. */
export function pricePerYear(
  { unitPrice, lifeYears }: Candidate,
  expected?: readonly [number, number],
): number | undefined {
  const [low, high] = expected ?? lifeYears ?? [];
  if (unitPrice === undefined || low === undefined || high === undefined) return undefined;
  return unitPrice / ((low + high) / 2);
}

/** The order of two valves of equal points, by index: fewer pieces, lower price, type id. */
function inTies(valves: readonly Candidate[]): (a: number, b: number) => number {
  const pieces = Float64Array.from(valves, (valve) => valve.pieces ?? UNKNOWN_PIECES);
  const price = Float64Array.from(valves, ({ unitPrice }) => unitPrice ?? Number.MAX_VALUE);
  const typeOf = (index: number): string => valves[index]?.type ?? '';
  return (a, b) =>
    (pieces[a] ?? 0) - (pieces[b] ?? 0) ||
    (price[a] ?? 0) - (price[b] ?? 0) ||
    (typeOf(a) < typeOf(b) ? -1 : typeOf(a) > typeOf(b) ? 1 : 0);
}
