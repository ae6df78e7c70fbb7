// Takes the pictures in docs/screenshots from the demo data, on a database of their own.
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { ROOT } from './setup/installation.mjs';

const PORT = '4397';
const FOLDER = join(ROOT, 'docs/screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** Each picture: its size, and how a person gets there. @type {Record<string, { size: typeof DESK, metric?: true, go: (page: import('@playwright/test').Page) => Promise<void> }>} */
const PICTURES = {
  jobs: { size: DESK, go: async () => {} },
  'line-up': {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-103');
      await moveHandle(page, 62);
    },
  },
  'line-up-metric': { size: DESK, metric: true, go: (page) => openPosition(page, 'CW-101') },
  'duty-field': {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-109');
      await page.getByRole('button', { name: 'pressure:' }).click();
      await page.getByRole('textbox', { name: 'pressure' }).fill('75');
      await page.keyboard.press('Enter');
    },
  },
  pick: {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-107');
      await page.getByRole('button', { name: 'Pick Ostrand 21P' }).click();
    },
  },
  'walk-list': {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-101');
      await page.getByRole('link', { name: 'Walk' }).click();
      await page.locator('input[type=file]').setInputFiles(join(ROOT, 'e2e/fixtures/walk-list.csv'));
      await page.getByText('can be taken').waitFor();
    },
  },
  schedule: {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-101');
      await page.getByRole('link', { name: 'Schedule' }).click();
    },
  },
  'phone-position': { size: PHONE, go: (page) => openPosition(page, 'CW-103') },
  'phone-line-up': {
    size: PHONE,
    go: async (page) => {
      await openPosition(page, 'CW-107');
      await moveHandle(page, 40);
      await page.getByRole('slider').evaluate((slider) => slider.closest('section')?.scrollIntoView());
    },
  },
};

/** @param {import('@playwright/test').Page} page @param {string} tag */
async function openPosition(page, tag) {
  await page.getByRole('link', { name: 'Tarn Quay terminal' }).click();
  await page.locator(`[data-tag="${tag}"]`).click();
  await page.locator(`[data-tag="${tag}"][aria-current]`).waitFor();
}

/** @param {import('@playwright/test').Page} page @param {number} percent */
async function moveHandle(page, percent) {
  await page.getByRole('slider').focus();
  await page.keyboard.press('Home');
  for (let step = 0; step < percent; step += 1) await page.keyboard.press('ArrowRight');
  await page.getByRole('slider').blur();
}

const data = join(tmpdir(), `grevik-pictures-${randomBytes(4).toString('hex')}`);
const app = spawn('node', [join(ROOT, 'tools/start.mjs')], {
  env: { ...process.env, PORT, GREVIK_DATA_DIR: data },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((ready) => app.stdout.once('data', ready));
const browser = await chromium.launch({
  executablePath: process.env.GREVIK_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--disable-gpu'],
});
try {
  mkdirSync(FOLDER, { recursive: true });
  const wanted = process.argv.slice(2);
  for (const [name, { size, metric, go }] of Object.entries(PICTURES)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const page = await browser.newPage({ viewport: size, reducedMotion: 'reduce' });
    await page.goto(`http://localhost:${PORT}/`);
    if (metric) await page.getByRole('button', { name: 'metric units' }).click();
    await go(page);
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(400);
    await page.screenshot({ path: join(FOLDER, `${name}.png`) });
    await page.close();
  }
} finally {
  await browser.close();
  app.kill('SIGTERM');
  await new Promise((ended) => app.once('exit', ended));
  rmSync(data, { recursive: true, force: true });
}
