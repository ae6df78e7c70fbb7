import type { EntriesView, ErrorBody } from '@grevik/contracts';
import { MOST_ENTRIES } from '@grevik/contracts';
import { dequal } from 'dequal';
import { liveQuery } from 'dexie';
import { type Unsent, device } from './device-database';
import { keepStored } from './stored-here';
import { TAB_HEADER } from './tab';
import { restedOn, versionOf } from './version-rested-on';

export type { Unsent };

/** Characters of entries that are sent together at most. */
const MOST_TOGETHER = 300_000;
const ENTRY_PATH = /^positions\/([^/]+)\/entries$/;

/** What became of something that was sent. */
export type Sent =
  | { kind: 'stored'; body: unknown }
  | { kind: 'refused'; refusal: string }
  | { kind: 'waits' };

/** Puts something on the device before it is sent: whatever happens then, it is not lost. */
export async function putUnsent(unsent: Omit<Unsent, 'place' | 'refusal'>): Promise<Unsent> {
  const place = await device.unsent.add({ ...unsent });
  return { ...unsent, place };
}

/** The same, where nothing like it waits already: pressed again without a network, it is there once. */
export async function keepUnsent(unsent: Omit<Unsent, 'place' | 'refusal'>): Promise<void> {
  const asSent = ({ path, method, body }: Pick<Unsent, 'path' | 'method' | 'body'>): string =>
    JSON.stringify([path, method, body]);
  const waiting = await unsentOf(unsent.ownerId);
  if (!waiting.some((one) => asSent(one) === asSent(unsent))) await putUnsent(unsent);
}

/** Puts something that was refused back among what waits, mended. */
export const mendUnsent = async (place: number, body: object): Promise<void> =>
  void (await device.unsent.update(place, { body, refusal: undefined }));

/** Removes something that whoever entered it does not want any more. */
export const dropUnsent = async (place: number): Promise<void> => device.unsent.delete(place);

/**
 * Puts something on the device and sends what waits there, in the order it was entered.
 *
 * @returns what became of it. What the server refuses does not stay on the device: it is still in the form it was typed in.
 */
export async function enter(entered: Omit<Unsent, 'place' | 'refusal'>): Promise<Sent> {
  const { place } = await putUnsent(entered);
  const sent = (await sendInOrder(entered.ownerId)).get(place) ?? { kind: 'waits' };
  if (sent.kind === 'refused' && place !== undefined) await dropUnsent(place);
  return sent;
}

/** Sends one thing: what found no network, or a server that cannot answer now, waits. */
export async function send(unsent: Pick<Unsent, 'path' | 'method' | 'body'>): Promise<Sent> {
  let answer: Response;
  try {
    answer = await fetch(`${window.location.origin}/api/${unsent.path}`, requestOf(unsent));
  } catch {
    return { kind: 'waits' };
  }
  const body: unknown = await answer.json().catch(() => undefined);
  if (answer.ok) return { kind: 'stored', body };
  // Signed out, too many at once, or a server in trouble: it is sent again later.
  if ([401, 408, 425, 429].includes(answer.status) || answer.status >= 500) return { kind: 'waits' };
  const refusal = (body as Partial<ErrorBody> | undefined)?.error?.message ?? `${answer.status}`;
  return { kind: 'refused', refusal };
}

const requestOf = ({ method, body }: Pick<Unsent, 'method' | 'body'>): RequestInit =>
  body instanceof Blob
    ? { method: method ?? 'PUT', headers: { 'content-type': body.type, ...TAB_HEADER }, body }
    : {
        method: method ?? 'POST',
        headers: { 'content-type': 'application/json', ...TAB_HEADER },
        body: JSON.stringify(body),
      };

/**
 * Sends what waits, in the order it was entered, until something finds no server.
 *
 * @returns how many were answered, stored or refused
 */
export async function sendAll(ownerId: string): Promise<number> {
  return (await sendInOrder(ownerId)).size;
}

/** What became of each thing that was sent, by its place. Stored, it is removed from the device; refused, it stays with the reason. */
async function sendInOrder(ownerId: string): Promise<Map<number | undefined, Sent>> {
  const sent = new Map<number | undefined, Sent>();
  let left = await readyOf(ownerId);
  while (left.length > 0) {
    const next = left.slice(0, countTogether(left));
    const became = next.length > 1 ? await sendTogether(next) : await sendEach(next);
    const stored: Stored[] = [];
    for (const [at, unsent] of next.entries()) {
      const { place = 0 } = unsent;
      const one = became[at];
      if (!one || one.kind === 'waits') continue;
      sent.set(place, one);
      if (one.kind === 'stored') stored.push({ unsent, answer: one.body });
      else await device.unsent.update(place, { refusal: one.refusal });
    }
    keepStored(stored.map(({ unsent }) => unsent));
    // What rests on a version goes alone.
    const versioned = stored.find(({ unsent }) => versionOf(unsent.body) !== undefined);
    if (versioned) await removeVersioned(ownerId, versioned);
    else await device.unsent.bulkDelete(stored.map(({ unsent: { place = 0 } }) => place));
    if (became.length < next.length || became.some(({ kind }) => kind === 'waits')) break;
    left = versioned ? await readyOf(ownerId) : left.slice(next.length);
  }
  return sent;
}

const readyOf = async (ownerId: string): Promise<Unsent[]> =>
  (await unsentOf(ownerId)).filter(({ refusal }) => refusal === undefined);

interface Stored {
  unsent: Unsent;
  answer: unknown;
}

/** It waits no more. What was made from the same version, or was put on it while it was on its way, rests on what is stored. */
const removeVersioned = (ownerId: string, { unsent, answer }: Stored): Promise<void> =>
  device.transaction('rw', device.unsent, async () => {
    const isAsSent = ({ place, body }: Unsent): boolean =>
      place === unsent.place && dequal(body, unsent.body);
    const waiting = await unsentOf(ownerId);
    await device.unsent.bulkPut(
      restedOn(
        unsent,
        answer,
        waiting.filter((one) => !isAsSent(one)),
      ),
    );
    if (waiting.some(isAsSent)) await device.unsent.delete(unsent.place ?? 0);
  });

/** One after the other, until something waits. */
async function sendEach(unsent: readonly Unsent[]): Promise<Sent[]> {
  const became: Sent[] = [];
  for (const one of unsent) {
    const sent = await send(one);
    became.push(sent);
    if (sent.kind === 'waits') break;
  }
  return became;
}

/** Entries in one request; one by one where the server does not take them so. */
async function sendTogether(unsent: readonly Unsent[]): Promise<Sent[]> {
  const entries = unsent.map(({ path, body }) => ({ positionId: ENTRY_PATH.exec(path)?.[1], entry: body }));
  const sent = await send({ path: 'entries', body: { entries } });
  if (sent.kind === 'waits') return [sent];
  if (sent.kind === 'refused') return sendEach(unsent);
  return (sent.body as EntriesView).results.map(({ refusal }): Sent =>
    refusal === null ? { kind: 'stored', body: undefined } : { kind: 'refused', refusal },
  );
}

/** How many of the next go together: entries of positions, as they follow one another; all else goes alone. */
function countTogether(left: readonly Unsent[]): number {
  let [count, characters] = [0, 0];
  for (const { path, body } of left.slice(0, MOST_ENTRIES)) {
    characters += ENTRY_PATH.test(path) ? JSON.stringify(body).length : Infinity;
    if (characters > MOST_TOGETHER) break;
    count += 1;
  }
  return Math.max(1, count);
}

/** What a person entered and is not stored yet, in the order it was entered. */
export const unsentOf = (ownerId: string): Promise<Unsent[]> =>
  device.unsent.where('ownerId').equals(ownerId).sortBy('place');

/** Tells what is unsent now, and again with each change of it. @returns ends it */
export function watchUnsent(ownerId: string, tell: (unsent: Unsent[]) => void): () => void {
  const watched = liveQuery(() => unsentOf(ownerId)).subscribe({ next: tell });
  return () => watched.unsubscribe();
}
