import { choice, number, record, text } from '../../ground/input/index.js';
import { type Edge, MARGIN_FACTS, factOf, margins } from '../outlook/index.js';
import { type Duty, type HouseRuleSettings, VERDICTS, VERDICT_RANK, asNew } from '../selection/index.js';
import { type CatalogueModel, candidateOf, sizeFor } from './catalogue-model.js';

/** An edge as an archive brings it. */
export const edgeInput = record({
  fact: choice(MARGIN_FACTS),
  direction: choice(['up', 'down'] as const),
  value: number({}),
  verdict: choice(VERDICTS),
  rule: text(60),
});

/**
 * Until when a pick holds: the nearest edge of each figure in each direction, beyond which its verdict is worse.
 *
 * @param duty  what the position asks when it is picked
 * @param model the model picked
 * @param settings house rules in force
 * @returns none where the model is not made in the size
 * Source: `margins`.
 *
 * @example
 * pickEdges(duty, model).map(({ fact }) => fact) // ['pressurePa', 'temperatureC']
 */
export function pickEdges(duty: Duty, model: CatalogueModel, settings: HouseRuleSettings): Edge[] {
  const size = sizeFor(model, duty);
  if (!size) return [];
  return margins(asNew(duty), [candidateOf(model, size)], settings).flatMap(({ edges, verdict: now }) =>
    edges.filter(({ verdict }) => VERDICT_RANK[verdict] > VERDICT_RANK[now]),
  );
}

/**
 * The edges of a pick that its duty has crossed since.
 *
 * @param edges as they were when it was picked
 * @param duty  as it is now
 *
 * @example
 * crossedEdges([{ fact: 'pressurePa', direction: 'up', value: 860_000, verdict: 'out', rule: 'pressure' }], { ...duty, pressurePa: 900_000 }).length // 1
 */
export const crossedEdges = (edges: readonly Edge[], duty: Omit<Duty, 'medium'>): Edge[] =>
  edges.filter(({ fact, direction, value }) => {
    const now = factOf(duty as Duty, fact) as number | undefined;
    return now !== undefined && (direction === 'up' ? now > value : now < value);
  });
