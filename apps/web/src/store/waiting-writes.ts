import type { FetchArgs } from '@reduxjs/toolkit/query/react';
import { words } from '../words';
import { keepUnsent } from './outbox';

/**
 * Writes that wait on the device where the server does not answer, and what they are for whoever made them. Each carries the version it rests
 * on, or ids made with its draft: sent twice it is stored once.
 */
const WAITING = [
  { path: /^lines\/[^/]+\/walk$/, title: 'unsent.of.walk' },
  { path: /^lines\/[^/]+\/facts$/, title: 'unsent.of.facts' },
  { path: /^positions\/[^/]+\/duty$/, title: 'unsent.of.duty' },
  { path: /^positions\/[^/]+\/hook-up$/, title: 'unsent.of.hookUp' },
  { path: /^positions\/[^/]+\/pick$/, title: 'unsent.of.pick' },
  { path: /^positions\/[^/]+\/name$/, title: 'unsent.of.name' },
  { path: /^jobs\/[^/]+\/orders\/lines$/, title: 'unsent.of.orderLines' },
  { path: /^order-lines\/[^/]+$/, title: 'unsent.of.orderLines' },
  { path: /^orders\/[^/]+\/state$/, title: 'unsent.of.order' },
  { path: /^rounds(\/[^/]+)?$/, title: 'unsent.of.round' },
  { path: /^company\/(house-rules|hold-rules|currency)$/, title: 'unsent.of.houseRules' },
  { path: /^jobs\/[^/]+\/house-rules$/, title: 'unsent.of.houseRules' },
] as const;

/**
 * Keeps a write that found no server, to be sent in its order once there is one.
 *
 * @param request as it was sent
 * @param ownerId who made it
 * @returns whether it is of those that wait
 */
export async function keepWrite({ url, method, body }: FetchArgs, ownerId: string): Promise<boolean> {
  const kind = WAITING.find(({ path }) => path.test(url));
  if (!kind || (method !== 'PUT' && method !== 'POST' && method !== 'DELETE')) return false;
  await keepUnsent({
    ownerId,
    title: words(kind.title),
    path: url,
    method,
    body: body as object,
    enteredAt: new Date().toISOString(),
  });
  return true;
}
