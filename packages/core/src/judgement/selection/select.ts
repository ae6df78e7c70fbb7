import { VALVE_TYPES, type ValveType, valveTypeFacts } from '../../ground/valves/index.js';
import {
  type Candidate,
  type Duty,
  type HouseRuleSettings,
  type Verdict,
  houseRuleSettings,
} from '../duty/index.js';
import { type Reason, judging } from './judge-candidate.js';
import { estimatedOpenKv } from './open-kv.js';
import { rank } from './score.js';
import { STANDARD_WEIGHTS, type Weights } from './weights.js';

export interface Selected {
  index: number;
  type: ValveType;
  verdict: Verdict;
  reasons: readonly Reason[];
  /** 0 to 100; null for `out`. */
  score: number | null;
}

export interface Selection {
  /** One a candidate, in the order given. */
  results: Selected[];
  /** Indexes of what is not out, best first. */
  ranked: number[];
}

/** What counts in the ranking. */
export interface Scoring {
  weights: Weights;
  /** Kv fully open of each candidate, where a sheet gives it; else it is estimated. */
  openKv?: readonly (number | undefined)[];
  /** Years each may be expected to serve here, where that is not what it says itself. */
  lifeYears?: readonly (readonly [number, number])[];
}

/**
 * Judges every candidate for a duty: verdict, reasons, score, and the list ranked.
 *
 * @param duty       what the position asks
 * @param candidates valves; none given means every type that could serve the function, as its generic self
 * @param settings   house rules in force
 * @param scoring    what counts how much in the ranking; judgement 70, price 30 unless told otherwise
 *
 * @example
 * select({ function: 'isolate', medium: 'potable-cold', dn: 20, pressurePa: 517107, temperatureC: 10 }, undefined).results.length // 23
 */
export function select(
  duty: Duty,
  candidates: readonly Candidate[] | undefined,
  settings: HouseRuleSettings = houseRuleSettings(),
  { weights, openKv, lifeYears }: Scoring = { weights: STANDARD_WEIGHTS },
): Selection {
  const valves = candidates ?? typesServing(duty);
  const judge = judging(duty, settings, candidates === undefined);
  const results = valves.map((valve, index): Selected => {
    const { verdict, reasons } = judge(valve);
    return { index, type: valve.type, verdict, reasons, score: null };
  });
  const kvs =
    weights.loss === 0 ? undefined : valves.map((valve, at) => openKv?.[at] ?? estimatedOpenKv(duty, valve));
  const { scores, ranked } = rank(valves, results, { weights, openKvs: kvs, lifeYears });
  for (const result of results) result.score = scores[result.index] ?? null;
  return { results, ranked };
}

/**
 * Every type that could serve a function, as its generic self.
 *
 * @param duty what the position asks
 *
 * @example
 * typesServing({ function: 'throttle' }).some(({ type }) => type === 'globe') // true
 */
export const typesServing = ({ function: asked }: Pick<Duty, 'function'>): Candidate[] =>
  VALVE_TYPES.filter((type) => valveTypeFacts(type).serves.includes(asked)).map((type) => ({ type }));
