import { VALVE_TYPES, type ValveType, valveTypeFacts } from '../valves/index.js';
import type { Candidate } from './candidate.js';
import type { Duty } from './duty.js';
import { type HouseSides, houseSides } from './house-rules.js';
import { type Reason, type Verdict, judgeCandidate, judgeType } from './judge-candidate.js';
import { rank } from './score.js';

export interface Selected {
  index: number;
  type: ValveType;
  verdict: Verdict;
  reasons: Reason[];
  /** 0 to 100; null for `out`. */
  score: number | null;
}

export interface Selection {
  /** One a candidate, in the order given. */
  results: Selected[];
  /** Indexes of what is not out, best first. */
  ranked: number[];
}

/**
 * Judges every candidate for a duty: verdict, reasons, score, and the list ranked.
 *
 * @param duty       what the position asks
 * @param candidates valves; none given means every type that could serve the function, as its generic self
 * @param sides      house rules in force
 *
 * @example
 * select({ function: 'isolate', medium: 'potable-cold', dn: 20, pressurePa: 517107, temperatureC: 10 }, undefined).results.length // 23
 */
export function select(
  duty: Duty,
  candidates: readonly Candidate[] | undefined,
  sides: HouseSides = houseSides(),
): Selection {
  const valves =
    candidates ??
    VALVE_TYPES.filter((type) => valveTypeFacts(type).serves.includes(duty.function)).map((type) => ({
      type,
    }));
  const judged = valves.map((valve) => ({
    valve,
    ...(candidates ? judgeCandidate(duty, valve, sides) : judgeType(duty, valve.type, sides)),
  }));
  const { scores, ranked } = rank(judged);
  return {
    results: judged.map(({ valve, verdict, reasons }, index) => ({
      index,
      type: valve.type,
      verdict,
      reasons,
      score: scores[index] ?? null,
    })),
    ranked,
  };
}
