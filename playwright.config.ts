import { randomBytes } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';
import { browserPath } from './tools/setup/browser.mjs';

const FIRST_PORT = Number(process.env.GREVIK_E2E_PORT ?? 4399);
process.env.GREVIK_E2E_PORT = String(FIRST_PORT);
/** Tests that run at once: each works on an application of its own, so that none sees what another changes. */
const WORKERS = Number(process.env.GREVIK_E2E_WORKERS ?? 2);
/** Where the application of a worker listens; this file is read once more in each of them. */
const addressOf = (worker: number): string => `http://localhost:${FIRST_PORT + worker}`;
const ADDRESS = addressOf(Number(process.env.TEST_PARALLEL_INDEX ?? 0));
const DATA = process.env.GREVIK_E2E_DATA ?? join(tmpdir(), `grevik-e2e-${randomBytes(4).toString('hex')}`);
process.env.GREVIK_E2E_DATA = DATA;

/** The built application, started as a user starts it, with demo data of its own. */
export default defineConfig({
  testDir: 'e2e',
  workers: WORKERS,
  fullyParallel: false,
  // Until when a test gives up, not how fast anything has to be: a loaded machine of two cores takes a minute for some.
  timeout: 240_000,
  expect: { timeout: 45_000 },
  reporter: process.env.GREVIK_E2E_REPORT
    ? [['list'], ['json', { outputFile: process.env.GREVIK_E2E_REPORT }]]
    : [['list']],
  globalTeardown: './e2e/remove-data.ts',
  use: {
    baseURL: ADDRESS,
    trace: 'off',
    // Line-ups model by model, as the tests name them; types.spec.ts looks at them type by type.
    storageState: {
      cookies: [],
      origins: [
        {
          origin: ADDRESS,
          localStorage: [{ name: 'grevik.line-up', value: '"models"' }],
        },
      ],
    },
    // Each page starts without what an earlier one kept; offline.spec.ts lets it in again.
    serviceWorkers: 'block',
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: browserPath(),
      args: [
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A page lives for seconds here: what is compiled to be fast for minutes, and cleared away in small pieces, costs more than it gives.
        '--js-flags=--no-opt --min-semi-space-size=32 --max-semi-space-size=64',
      ],
    },
  },
  projects: [
    { name: 'desk', testIgnore: /phone/, use: { viewport: { width: 1280, height: 800 } } },
    {
      name: 'phone',
      testMatch: /phone/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
    },
  ],
  webServer: Array.from({ length: WORKERS }, (_one, worker) => ({
    command: `node tools/start.mjs --servers ${process.env.GREVIK_E2E_SERVERS ?? '1'}`,
    url: `${addressOf(worker)}/api/health`,
    env: { PORT: String(FIRST_PORT + worker), GREVIK_DATA_DIR: join(DATA, String(worker)) },
    timeout: 300_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 20_000 },
  })),
});
