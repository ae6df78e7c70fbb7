import { createRequire } from 'node:module';
import { dirname } from 'node:path';

/** The folder of the server, with its package.json: the same from sources, compiled modules and what is bundled of them. */
export const SERVER_FOLDER = dirname(createRequire(import.meta.url).resolve('@grevik/server/package.json'));
