import type { BudgetView } from '@grevik/contracts';
import type { Budget } from '@grevik/core';
import { useWords } from '../../words';

/** What could not be planned, and what would have to be known. */
export function Unplanned({ view, budget }: { view: BudgetView; budget: Budget }) {
  const words = useWords();
  const tagOf = new Map(view.valves.map(({ id, tag }) => [id, tag]));
  return (['age', 'price'] as const).map((missing) => {
    const tags = budget.notPlanned.flatMap((one) =>
      one.missing === missing ? (tagOf.get(one.id) ?? []) : [],
    );
    return (
      tags.length > 0 && (
        <p key={missing}>
          {words(`budget.unknown.${missing}`, { count: tags.length })} {tags.slice(0, 40).join(', ')}
          {tags.length > 40 && ' …'}
        </p>
      )
    );
  });
}
