export const ORDER_STATES = ['draft', 'sent', 'confirmed', 'part-received', 'received'] as const;
export type OrderState = (typeof ORDER_STATES)[number];

/** What a person may make of an order by hand; what has come is counted, not said. */
const BY_HAND: Readonly<Record<OrderState, readonly OrderState[]>> = {
  draft: ['sent'],
  sent: ['confirmed', 'draft'],
  confirmed: ['sent'],
  'part-received': [],
  received: [],
};

/**
 * What an order may become next, by hand.
 *
 * @example
 * nextStates('sent') // ['confirmed', 'draft']
 */
export const nextStates = (state: OrderState): readonly OrderState[] => BY_HAND[state];

/** Whether something can be received: it has been sent, and not all of it has come. */
export const isUnderWay = (state: OrderState): boolean =>
  state === 'sent' || state === 'confirmed' || state === 'part-received';

/**
 * The state an order is in once some of it has come.
 *
 * @param lines with how many were ordered and how many have come
 * @returns the state it had where nothing has come
 *
 * @example
 * stateReceived('sent', [{ quantity: 4, received: 2 }]) // 'part-received'
 */
export function stateReceived(
  state: OrderState,
  lines: readonly { quantity: number; received: number }[],
): OrderState {
  if (lines.every(({ received }) => received === 0)) return state;
  return lines.every(({ quantity, received }) => received >= quantity) ? 'received' : 'part-received';
}
