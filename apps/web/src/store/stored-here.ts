import type { Unsent } from './device-database';

/** More are not written between two answers. */
const MOST_KEPT = 100;
const stored: Unsent[] = [];

/** Keeps what the server has stored from here until it is read back, photos aside: it is told before it is removed from the device. */
export function keepStored(written: readonly Unsent[]): void {
  stored.push(...written.filter(({ body }) => !(body instanceof Blob)));
  stored.splice(0, stored.length - MOST_KEPT);
}

/** What this person has stored from here since the page was loaded, in its order. What is read may not have it yet. */
export const storedHere = (ownerId: string): Unsent[] => stored.filter((one) => one.ownerId === ownerId);
