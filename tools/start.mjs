// Installs, builds and starts everything: PostgreSQL, the server and the web application, with demo data unless told --empty.
import { createServer } from 'node:net';
import { startApplication } from './setup/application.mjs';
import { build, installPackages, requireNode } from './setup/installation.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';
import { openDatabase } from './setup/private-database.mjs';

await endingPlainly(async () => {
  requireNode();
  const empty = readArguments(process.argv.slice(2));
  const port = readPort(process.env.PORT ?? '4310');
  const host = process.env.GREVIK_HOST ?? '127.0.0.1';
  await requireFreePort(port, host);
  await installPackages();
  await build('core', 'server', 'web');

  /** @type {(() => Promise<void>)[]} what to stop, newest first */
  const running = [];
  const stopAll = async () => {
    for (let stop = running.shift(); stop; stop = running.shift()) await stop();
  };
  let stopping = false;
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
    process.on(signal, () => {
      stopping = true;
      void stopAll();
    });
  }
  try {
    const database = await openDatabase();
    running.unshift(database.stop);
    if (stopping) return;
    const application = await startApplication({
      DATABASE_URL: database.url,
      PORT: String(port),
      GREVIK_HOST: host,
      GREVIK_DEMO: empty ? 'off' : 'on',
    });
    running.unshift(application.stop);
    if (stopping) return;
    console.log(`Grevik is ready at http://localhost:${port}`);
    const code = await application.ended;
    if (!stopping)
      throw new PlainFailure(
        `The server ended unexpectedly (code ${code}). What was acknowledged is kept: start again.`,
      );
  } finally {
    await stopAll();
  }
});

/** @param {string[]} args */
function readArguments(args) {
  const unknown = args.find((arg) => arg !== '--empty');
  if (unknown !== undefined)
    throw new PlainFailure(
      `"${unknown}" is not understood. Use: npm start, or npm start -- --empty to start without demo data.`,
    );
  return args.includes('--empty');
}

/** @param {string} text */
function readPort(text) {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new PlainFailure(`PORT is "${text}": give a number from 1 to 65535.`);
  return port;
}

/** @param {number} port @param {string} host @returns {Promise<void>} */
function requireFreePort(port, host) {
  return new Promise((free, taken) => {
    const probe = createServer();
    probe.once('error', (/** @type {NodeJS.ErrnoException} */ { code, message }) => {
      const why =
        code === 'EADDRINUSE'
          ? 'is taken: stop what runs there, or choose another with PORT'
          : `can not be used (${message})`;
      taken(new PlainFailure(`Port ${port} ${why}.`));
    });
    probe.listen(port, host, () => probe.close(() => free()));
  });
}
