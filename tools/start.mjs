// Installs, builds and starts everything: PostgreSQL, the server and the web application, with demo data unless told --empty.
import { createServer } from 'node:net';
import { setTimeout as pause } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { dataFolder, wasKilled } from './setup/data-folder.mjs';
import { keepRunning } from './setup/keep-running.mjs';
import { build, installPackages, requireNode } from './setup/installation.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';
import { openDatabase } from './setup/private-database.mjs';

const MOST_SERVERS = 64;

await endingPlainly(async () => {
  requireNode();
  const { empty, servers } = readArguments(process.argv.slice(2));
  const port = readPort(process.env.PORT ?? '4310');
  const host = process.env.GREVIK_HOST ?? '127.0.0.1';
  await freePort(port, host);
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
    const database = await openDatabase(servers);
    running.unshift(database.stop);
    if (stopping) return;
    /** @type {Promise<void>[]} */
    const stopped = [];
    // One after the other: the first makes the tables.
    while (stopped.length < servers) {
      const server = await keepRunning({
        DATABASE_URL: database.url,
        PORT: String(port),
        GREVIK_HOST: host,
        GREVIK_DEMO: empty ? 'off' : 'on',
      });
      running.unshift(server.stop);
      stopped.push(server.stopped);
      if (stopping) return;
    }
    console.log(`Grevik is ready at http://localhost:${port}`);
    await Promise.all(stopped);
  } finally {
    await stopAll();
  }
});

/** @param {string[]} args @returns {{ empty: boolean, servers: number }} */
function readArguments(args) {
  try {
    const { values } = parseArgs({
      args,
      options: { empty: { type: 'boolean', default: false }, servers: { type: 'string', default: '1' } },
    });
    const servers = Number(values.servers);
    if (!Number.isInteger(servers) || servers < 1 || servers > MOST_SERVERS)
      throw new PlainFailure(
        `--servers is "${values.servers}": give the number of server processes, from 1 to ${MOST_SERVERS}.`,
      );
    return { empty: values.empty, servers };
  } catch (error) {
    if (error instanceof PlainFailure) throw error;
    const odd = args.find((arg) => !/^--(?:empty|servers(?:=.*)?)$/.test(arg)) ?? args.join(' ');
    throw new PlainFailure(
      `"${odd}" is not understood. Use: npm start, with --empty to start without demo data, with --servers 4 for four server processes.`,
    );
  }
}

/** @param {string} text */
function readPort(text) {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new PlainFailure(`PORT is "${text}": give a number from 1 to 65535.`);
  return port;
}

/**
 * Waits for a port that a server still holds whose start command was killed: it ends by itself within seconds. Any other holder is said at once.
 * @param {number} port @param {string} host
 */
async function freePort(port, host) {
  for (let tries = wasKilled(dataFolder()) ? 60 : 0; ; tries -= 1) {
    const trouble = await portTrouble(port, host);
    if (trouble === undefined) return;
    if (tries <= 0 || trouble.code !== 'EADDRINUSE') {
      const why =
        trouble.code === 'EADDRINUSE'
          ? 'is taken: stop what runs there, or choose another with PORT'
          : `cannot be used (${trouble.message})`;
      throw new PlainFailure(`Port ${port} ${why}.`);
    }
    await pause(250);
  }
}

/** @param {number} port @param {string} host @returns {Promise<NodeJS.ErrnoException | undefined>} */
function portTrouble(port, host) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', resolve);
    probe.listen(port, host, () => probe.close(() => resolve(undefined)));
  });
}
