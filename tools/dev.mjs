// Everything with reload: the web application from its sources, core included; the server rebuilt and started anew when it or the core changes.
import { join } from 'node:path';
import concurrently from 'concurrently';
import { ROOT, build, installPackages, requireNode } from './setup/installation.mjs';
import { endingPlainly } from './setup/plain-failure.mjs';
import { openDatabase } from './setup/private-database.mjs';

await endingPlainly(async () => {
  requireNode();
  await installPackages();
  await build('core', 'server');
  const database = await openDatabase();
  const env = { DATABASE_URL: database.url, PORT: process.env.PORT ?? '4310', NODE_ENV: 'development' };
  const bin = join(ROOT, 'node_modules/.bin');
  const { result } = concurrently(
    [
      {
        name: 'build',
        command: `${bin}/tsc -b -w --preserveWatchOutput ${ROOT}/apps/server/tsconfig.build.json`,
      },
      { name: 'bundle', command: `node ${ROOT}/tools/server-bundle/server-bundle.mjs --watch` },
      { name: 'server', command: `node --watch ${ROOT}/apps/server/dist/main.js`, env },
      { name: 'web', command: `${bin}/vite ${ROOT}/apps/web`, env },
    ],
    { killOthersOn: ['failure', 'success'], prefix: 'name' },
  );
  // Stopped with Ctrl-C they all end with a signal; the database is stopped whichever way it was.
  await result.catch(() => undefined);
  await database.stop();
});
