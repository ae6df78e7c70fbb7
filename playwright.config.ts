import { randomBytes } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';

const PORT = process.env.GREVIK_E2E_PORT ?? '4399';
const DATA = process.env.GREVIK_E2E_DATA ?? join(tmpdir(), `grevik-e2e-${randomBytes(4).toString('hex')}`);
process.env.GREVIK_E2E_DATA = DATA;

/** The built application, started as a user starts it, with demo data of its own. */
export default defineConfig({
  testDir: 'e2e',
  workers: 1,
  fullyParallel: false,
  // Until when a test gives up, not how fast anything has to be: a loaded machine of two cores takes a minute for some.
  timeout: 240_000,
  expect: { timeout: 45_000 },
  reporter: process.env.GREVIK_E2E_REPORT
    ? [['list'], ['json', { outputFile: process.env.GREVIK_E2E_REPORT }]]
    : [['list']],
  globalTeardown: './e2e/remove-data.ts',
  use: {
    baseURL: `http://localhost:${PORT}`,
    trace: 'off',
    // Line-ups model by model, as the tests name them; types.spec.ts looks at them type by type.
    storageState: {
      cookies: [],
      origins: [
        {
          origin: `http://localhost:${PORT}`,
          localStorage: [{ name: 'grevik.line-up', value: '"models"' }],
        },
      ],
    },
    // Each page starts without what an earlier one kept; offline.spec.ts lets it in again.
    serviceWorkers: 'block',
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: process.env.GREVIK_CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
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
  webServer: {
    command: `node tools/start.mjs --servers ${process.env.GREVIK_E2E_SERVERS ?? '1'}`,
    url: `http://localhost:${PORT}/api/health`,
    env: { PORT, GREVIK_DATA_DIR: DATA },
    timeout: 300_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 20_000 },
  },
});
