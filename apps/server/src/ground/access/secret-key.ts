import { createHash, randomBytes } from 'node:crypto';

/** A new key of a device or a calendar, or the end of a link: long enough that nobody guesses it. */
export const newSecretKey = (bytes = 24): string => randomBytes(bytes).toString('base64url');

/** What is kept of a key. */
export const secretKeyHash = (key: string): string => createHash('sha256').update(key).digest('hex');
