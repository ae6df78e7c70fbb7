import type { JobArchive } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';

/** What each field alone cannot tell: a line named twice, an order sent to nobody, more come than was ordered, a tag no line has. */
export function refuseOddOrders({ orders = [], lines }: JobArchive): void {
  const tags = new Set(lines.flatMap(({ positions }) => positions.map(({ tag }) => tag)));
  const ids = new Set<string>();
  const drafts = new Set<string>();
  orders.forEach(({ supplier, state, lines: ordered }, at) => {
    const field = `orders[${at}]`;
    if (supplier === undefined && state !== 'draft')
      throw new InvalidInput(
        `${field}.supplier`,
        `${field}.supplier is missing: an order that is ${state} has one.`,
      );
    if (state === 'draft' && drafts.has(supplier ?? ''))
      throw new InvalidInput(`${field}.state`, `${field} is a second draft for the same supplier.`);
    if (state === 'draft') drafts.add(supplier ?? '');
    ordered.forEach(({ id, positions, quantity, receipts }, index) => {
      const line = `${field}.lines[${index}]`;
      if (ids.has(id)) throw new InvalidInput(`${line}.id`, `${line}.id is “${id}”, which is already used.`);
      ids.add(id);
      const stranger = positions.find((tag) => !tags.has(tag));
      if (stranger !== undefined)
        throw new InvalidInput(
          `${line}.positions`,
          `${line}.positions names ${stranger}, which no line has.`,
        );
      const came = receipts
        .filter(({ accepted }) => accepted)
        .reduce((sum, receipt) => sum + receipt.quantity, 0);
      if (came > quantity)
        throw new InvalidInput(
          `${line}.receipts`,
          `${line}.receipts add up to ${came}, but ${quantity} were ordered.`,
        );
    });
  });
}
