import { LARGEST_PHOTO, LARGEST_SHEET, MOST_PUSHED_SAMPLES, MOST_READING_SAMPLES } from '@grevik/contracts';

const KB = 1024;
const MB = 1024 * KB;

/** How the body of a request is taken: how many bytes, and whether it is JSON that is read here or bytes that are handed on. */
export interface BodyRule {
  mostBytes: number;
  as: 'json' | 'bytes';
  /** Values of all levels together, for JSON. */
  mostValues: number;
}

const json = (mostBytes: number, mostValues: number): BodyRule => ({ mostBytes, as: 'json', mostValues });
const bytes = (mostBytes: number): BodyRule => ({ mostBytes, as: 'bytes', mostValues: 0 });

/** What somebody who is not signed in may send, and where: to every other path no body of theirs is read. */
const SIGNED_OUT: readonly (readonly [path: RegExp, rule: BodyRule])[] = [
  [/^\/api\/calc\//, bytes(MB)],
  [/^\/api\/(?:session|people\/invitations\/(?:look|accept))(?:\/|$)/, json(16 * KB, 100)],
  [/^\/api\/price-desk\//, json(4 * MB, 100_000)],
  [/^\/api\/owner\/[\w-]+\/answers\/?$/, json(4 * KB, 20)],
  // A report without a key that is known was refused before its body.
  [/^\/api\/devices\/(samples|levels)\/?$/, json(MB, 6 * MOST_PUSHED_SAMPLES + 100)],
];

/** What people of a company send beyond the usual. Calculations and archives are read in a thread of their own. */
const SIGNED_IN: readonly (readonly [path: RegExp, rule: BodyRule])[] = [
  [/^\/api\/calc\//, bytes(64 * MB)],
  [/^\/api\/archive\/(?:jobs|imports)\/?$/, bytes(128 * MB)],
  [/^\/api\/archive\//, json(2 * MB, 200_000)],
  [/^\/api\/positions\/[^/]+\/photos\//, bytes(LARGEST_PHOTO)],
  [/^\/api\/jobs\/[^/]+\/orders\/sheet\/preview\/?$/, bytes(LARGEST_SHEET)],
  [/^\/api\/(?:jobs\/[^/]+\/(?:walk-list|orders)|catalogue\/list)/, json(4 * MB, 200_000)],
  [/^\/api\/price-desk\//, json(4 * MB, 100_000)],
  [/^\/api\/devices\/(samples|levels)\/?$/, json(MB, 6 * MOST_PUSHED_SAMPLES + 100)],
  [/^\/api\/readings\/[^/]+\/samples\/?$/, json(16 * MB, 5 * MOST_READING_SAMPLES + 100)],
];

const USUAL = json(MB, 50_000);

/**
 * How the body for a path is taken; undefined where none is.
 *
 * @example
 * bodyRule('/api/jobs', false) // undefined: nobody is there who may send one
 */
export function bodyRule(path: string, isSignedIn: boolean): BodyRule | undefined {
  const rules = isSignedIn ? SIGNED_IN : SIGNED_OUT;
  return rules.find(([pattern]) => pattern.test(path))?.[1] ?? (isSignedIn ? USUAL : undefined);
}
