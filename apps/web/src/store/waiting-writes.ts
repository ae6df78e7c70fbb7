import type { FetchArgs } from '@reduxjs/toolkit/query/react';
import { words } from '../words';
import { changedOn } from './changed-on';
import { type Unsent, keepUnsent, mendUnsent, unsentOf } from './outbox';
import { versionOf } from './version-rested-on';

/** A write, with the body it would have had where nothing was changed, if it sends the whole of something. */
export interface Write extends FetchArgs {
  base?: object;
}

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
 * Keeps a write that found no server, to be sent in its order once there is one. Made from what one that waits was made from, it is put on
 * that.
 *
 * @param request as it was sent
 * @param ownerId who made it
 * @returns whether it is of those that wait
 */
export async function keepWrite({ url, method, body, base }: Write, ownerId: string): Promise<boolean> {
  const kind = WAITING.find(({ path }) => path.test(url));
  if (!kind || (method !== 'PUT' && method !== 'POST' && method !== 'DELETE')) return false;
  const same = base && (await unsentOf(ownerId)).find((one) => isFrom(base, url, one));
  if (base && same?.place !== undefined) {
    await mendUnsent(same.place, changedOn<object>(base, body as object, same.body));
    return true;
  }
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

/** Whether what waits changes the same, from the same version. */
const isFrom = (base: object, url: string, { path, body, refusal }: Unsent): boolean =>
  path === url && refusal === undefined && versionOf(body) === versionOf(base);
