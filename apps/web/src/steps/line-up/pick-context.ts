import type { PositionView } from '@grevik/contracts';
import { type Margins, type PickContext, assumedFacts, factOf } from '@grevik/core';
import { factName, sentenceFact } from '../../kit/duty/field-words';
import type { ModelColumn } from '../../kit/outlook/model-column';

/** Edges named in a reason. */
const NAMED = 2;

/**
 * What the reason for a pick says beside the verdict: the next best, the assumed facts, and how far the nearest edges are.
 *
 * @param position its duty with the origins of its facts
 * @param column   what is picked
 * @param columns  what could serve, best first
 * @param margins  of the pick, once they are known
 */
export function pickContext(
  { duty }: Pick<PositionView, 'duty'>,
  column: ModelColumn,
  columns: readonly ModelColumn[],
  margins: Margins | undefined,
): PickContext {
  const nameOf = (fact: string): string => factName(sentenceFact(fact));
  const until = (margins?.edges ?? [])
    .flatMap(({ fact, value }) => {
      const now = factOf(duty, fact) as number | undefined;
      return now ? [{ fact: nameOf(fact), share: value / now - 1 }] : [];
    })
    .sort((a, b) => Math.abs(a.share) - Math.abs(b.share))
    .slice(0, NAMED);
  return {
    beaten: columns.find(({ model }) => model.id !== column.model.id),
    assumed: assumedFacts(duty).map(nameOf),
    until,
  };
}
