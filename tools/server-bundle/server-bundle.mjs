// Puts the server's compiled modules, and what they use, into a few files: reading three thousand took most of a start, and of each thread.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { rolldown, watch } from 'rolldown';
import { ROOT } from '../setup/installation.mjs';

const DIST = join(ROOT, 'apps/server/dist');

/** Packages that look for files of their own, and databases and servers that are not used. */
const LEFT_OUTSIDE = [
  /^(?:sharp|@node-rs\/|piscina|pino|pdfmake|swagger-ui-dist)/,
  /^(?:pg-native|pg-hstore|mysql2?|mariadb|sqlite3|tedious|oracledb|ibm_db|snowflake-sdk)$/,
  /^@nestjs\/(?:websockets|microservices|platform-fastify)/,
  /^@fastify\//,
];

/** @satisfies {import('rolldown').RolldownOptions} */
const OPTIONS = {
  input: { main: join(DIST, 'modules/main.js'), thread: join(DIST, 'modules/thread.js') },
  platform: 'node',
  external: LEFT_OUTSIDE,
  resolve: {
    alias: { '@rushstack/ts-command-line': join(import.meta.dirname, 'no-command-line.mjs') },
  },
  output: {
    dir: DIST,
    format: 'esm',
    // Tables, providers and schemas are found by the names of their classes.
    keepNames: true,
    chunkFileNames: 'parts/[name].js',
    // CommonJS packages ask for what they may or may not find.
    banner:
      "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
  },
};

if (process.argv.includes('--watch')) watch(OPTIONS);
else {
  rmSync(join(DIST, 'parts'), { recursive: true, force: true });
  const bundle = await rolldown(OPTIONS);
  await bundle.write(OPTIONS.output);
  await bundle.close();
}
