import { randomBytes } from 'node:crypto';
import { fork } from 'node:child_process';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../setup/free-port.mjs';
import { ROOT } from '../setup/installation.mjs';
import { startCluster } from '../setup/postgres.mjs';

/** A built server on a database of its own, that can be killed and started again. */
export class RunningServer {
  /** @param {import('../setup/postgres.mjs').Cluster} cluster @param {string} base @param {number} port @param {NodeJS.ProcessEnv} [env] what it is told besides */
  constructor(cluster, base, port, env = {}) {
    this.cluster = cluster;
    this.base = base;
    this.port = port;
    this.address = `http://127.0.0.1:${port}`;
    this.env = env;
  }

  /** @param {NodeJS.ProcessEnv} [env] what it is told besides @returns {Promise<RunningServer>} */
  static async open(env = {}) {
    const base = join(tmpdir(), `grevik-attack-${randomBytes(4).toString('hex')}`);
    const server = new RunningServer(await startCluster(base), base, await freePort(), env);
    await server.start();
    return server;
  }

  get databaseUrl() {
    return this.cluster.url;
  }

  async start() {
    const child = fork(join(ROOT, 'apps/server/dist/main.js'), {
      env: {
        ...process.env,
        DATABASE_URL: this.cluster.url,
        PORT: String(this.port),
        NODE_ENV: 'production',
        ...this.env,
      },
      silent: true,
    });
    this.child = child;
    const said = await new Promise((resolve) => child.once('message', resolve));
    if (!(/** @type {{ ready?: true }} */ (said).ready))
      throw new Error(/** @type {{ failed: string }} */ (said).failed);
  }

  /** @param {NodeJS.Signals} signal */
  async kill(signal) {
    const { child } = this;
    if (!child) return;
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await ended;
  }

  /** Ends it and its database; its data stays in `base`. */
  async stop() {
    await this.kill('SIGTERM');
    await this.cluster.stop();
  }

  async close() {
    await this.stop();
    rmSync(this.base, { recursive: true, force: true });
  }
}
