import { randomBytes } from 'node:crypto';

/** The secret end of a link: long enough that nobody guesses it. */
export const linkSecret = (): string => randomBytes(32).toString('base64url');
