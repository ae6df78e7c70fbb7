import { newSecretKey } from '../../ground/access/secret-key.js';

/** The secret end of a link, as long as its address is described to be. */
export const linkSecret = (): string => newSecretKey(32);
