import type { Candidate } from './candidate.js';
import type { Reason, Verdict } from './judge-candidate.js';

export interface Judged {
  valve: Candidate;
  verdict: Verdict;
  reasons: readonly Reason[];
}

const CARE_COSTS = 12;
const SUPPORT_GIVES = 6;
const JUDGEMENT_WEIGHT = 0.7;
const UNKNOWN_PIECES = 4;

/**
 * Scores and ranks what is not ruled out.
 *
 * @param judged valves with their verdicts, in the order given
 * @returns a score 0 to 100 for each (null for `out`), and the indexes of the rest, best first
 * 100 less 12 a care, plus 6 a support, within 0 to 100; blended 70/30 with the price per year of expected life against the cheapest, where
 * every valve left has a price and a life. Ties: fewer pieces, lower price, type id.
 *
 * @example
 * rank([{ valve: { type: 'ball' }, verdict: 'fits', reasons: [] }]) // { scores: [100], ranked: [0] }
 */
export function rank(judged: readonly Judged[]): { scores: (number | null)[]; ranked: number[] } {
  const left = judged.filter(({ verdict }) => verdict !== 'out');
  const yearly = left.map(({ valve }) => pricePerYear(valve));
  const priced = left.length > 0 && yearly.every((price) => price !== undefined);
  const cheapest = priced ? Math.min(...(yearly as number[])) : undefined;
  const scores = judged.map(({ valve, verdict, reasons }) => {
    if (verdict === 'out') return null;
    const judgement = judgementScore(reasons);
    const price = pricePerYear(valve);
    if (cheapest === undefined || price === undefined) return judgement;
    const value = price === 0 ? 100 : (100 * cheapest) / price;
    return JUDGEMENT_WEIGHT * judgement + (1 - JUDGEMENT_WEIGHT) * value;
  });
  const ranked = judged.flatMap(({ verdict }, index) => (verdict === 'out' ? [] : [index]));
  ranked.sort(
    (a, b) => (scores[b] ?? 0) - (scores[a] ?? 0) || tie(judged[a]?.valve, judged[b]?.valve) || a - b,
  );
  return { scores, ranked };
}

function judgementScore(reasons: readonly Reason[]): number {
  const count = (verdict: Reason['verdict']): number =>
    reasons.filter((reason) => reason.verdict === verdict).length;
  return Math.min(100, Math.max(0, 100 - CARE_COSTS * count('care') + SUPPORT_GIVES * count('supports')));
}

/** Price over the middle of the expected life; undefined where either is not known. */
function pricePerYear({ unitPrice, lifeYears }: Candidate): number | undefined {
  const [low, high] = lifeYears ?? [];
  if (unitPrice === undefined || low === undefined || high === undefined) return undefined;
  return unitPrice / ((low + high) / 2);
}

function tie(a?: Candidate, b?: Candidate): number {
  if (!a || !b) return 0;
  return (
    (a.pieces ?? UNKNOWN_PIECES) - (b.pieces ?? UNKNOWN_PIECES) ||
    (a.unitPrice ?? Number.MAX_VALUE) - (b.unitPrice ?? Number.MAX_VALUE) ||
    (a.type < b.type ? -1 : a.type > b.type ? 1 : 0)
  );
}
