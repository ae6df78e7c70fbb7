import type { JobWalkView, ModelView, NewOrderLine, OrdersView } from '@grevik/contracts';
import type { DraftIds } from '../../store/draft-ids';
import { orderLine, sizeFor, specOfModel } from '@grevik/core';

/**
 * Every picked valve of a job that is on no order yet, said in full; alike ones are one line with the positions they are for.
 *
 * @param job    its lines with their positions
 * @param models the catalogue
 * @param orders what is on order already
 * @param ids    of the draft they are
 */
export function picksToOrder(
  job: JobWalkView,
  models: readonly ModelView[],
  orders: OrdersView,
  ids: DraftIds,
): NewOrderLine[] {
  const ordered = new Set(
    orders.orders.flatMap(({ lines }) =>
      lines.flatMap(({ spec, positions }) => (spec ? positions.map(({ id }) => id) : [])),
    ),
  );
  const lines = new Map<string, NewOrderLine & { positions: string[] }>();
  for (const { medium, positions } of job.lines)
    for (const { id, duty, pick, hookUp } of positions) {
      const model = models.find((one) => one.id === pick?.modelId);
      const size = model && sizeFor(model, { ...duty, medium });
      if (!model || !size || ordered.has(id)) continue;
      const spec = specOfModel(model, size, { ...duty, medium }, hookUp.accessories);
      const { text } = orderLine(spec);
      const line = lines.get(text) ?? { id: '', text, spec, quantity: 0, positions: [] };
      lines.set(text, { ...line, quantity: line.quantity + 1, positions: [...line.positions, id] });
    }
  return [...lines.values()].map((line) => ({
    ...line,
    id: ids.of(`${line.text} ${line.positions.join()}`),
  }));
}
