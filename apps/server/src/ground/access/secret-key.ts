import { createHash, randomBytes } from 'node:crypto';

/** A new key of a device or a calendar: long enough that nobody guesses it. */
export const newSecretKey = (): string => randomBytes(24).toString('base64url');

/** What is kept of a key. */
export const secretKeyHash = (key: string): string => createHash('sha256').update(key).digest('hex');
