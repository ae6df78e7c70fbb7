// Takes the pictures in docs/screenshots from the demo data, on a database of their own.
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchBrowser } from './setup/launch-browser.mjs';
import { ROOT } from './setup/installation.mjs';

const PORT = '4397';
const ADDRESS = `http://localhost:${PORT}`;
const FOLDER = join(ROOT, 'docs/screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/**
 * Each picture: its size, and how a person gets there, from the list of jobs unless they stand before the doors.
 * @typedef {{ size: typeof DESK, metric?: true, dark?: true, outside?: true, go: (page: import('@playwright/test').Page) => Promise<void> }} Picture
 * @type {Record<string, Picture>}
 */
const PICTURES = {
  board: { size: DESK, go: openBoard },
  'line-up': {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-103');
      await moveHandle(page, 62);
    },
  },
  compare: {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-104');
      await page.getByRole('button', { name: 'Models', exact: true }).click();
      for (const model of ['Ostrand 21P', 'Ostrand 12P', 'Kell & Vane 9T'])
        await page.getByRole('checkbox', { name: `Compare ${model}` }).check();
      await page.getByRole('link', { name: 'Compare 3 side by side' }).click();
      await page.getByRole('list', { name: 'Summary' }).waitFor();
    },
  },
  drill: {
    size: DESK,
    go: async (page) => {
      await page.goto(`${ADDRESS}/drills/run?first=five`);
      await page.getByRole('radio').first().click();
      await page.getByRole('button', { name: 'Check the answer' }).click();
      await page.getByRole('button', { name: 'Next question' }).click();
      await page.getByRole('radio').nth(3).waitFor();
    },
  },
  catalogue: {
    size: DESK,
    metric: true,
    go: async (page) => {
      await page.goto(`${ADDRESS}/catalogue`);
      await page.getByRole('rowheader').first().waitFor();
    },
  },
  type: {
    size: DESK,
    go: async (page) => {
      await page.goto(`${ADDRESS}/catalogue/types/check-ball`);
      await page.getByRole('button', { name: 'ball worn egg-shaped' }).click();
    },
  },
  schedule: {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-101');
      await page.getByRole('link', { name: 'Schedule' }).click();
    },
  },
  walk: {
    size: DESK,
    go: async (page) => {
      await openPosition(page, 'CW-103');
      await page.getByRole('link', { name: 'Walk', exact: true }).click();
      await page.getByRole('heading', { name: 'Close CW-102' }).waitFor();
      await page.waitForTimeout(600);
    },
  },
  bench: {
    size: DESK,
    go: async (page) => {
      await openBench(page, 'Domestic cold', 'CW-105');
      await page.getByRole('img', { name: /^From the source/ }).waitFor();
      await page.getByRole('slider', { name: 'Time', exact: true }).press('End');
    },
  },
  'start-up': {
    size: DESK,
    go: async (page) => {
      await openLine(page, 'Customs hall steam');
      await page.getByRole('link', { name: 'Start-up', exact: true }).click();
      await page.getByRole('button', { name: /^Hold/ }).click();
      await page.getByText('Holds', { exact: true }).waitFor();
      await page.waitForTimeout(800);
    },
  },
  rounds: {
    size: DESK,
    go: async (page) => {
      await page.goto(`${ADDRESS}/rounds`);
      await page.getByRole('row').nth(4).waitFor();
    },
  },
  budget: {
    size: DESK,
    go: async (page) => {
      await openLine(page, 'Domestic cold');
      await page.getByRole('link', { name: 'Budget' }).first().click();
      await page.getByRole('region', { name: /^Year 1: / }).waitFor();
      await page.getByRole('figure', { name: 'Cost of each year' }).waitFor();
    },
  },
  'hook-up': {
    size: DESK,
    go: async (page) => {
      await openLine(page, 'Buried service');
      await page.locator('[data-tag="BS-102"]').click();
      await page.getByRole('link', { name: 'Hook-up', exact: true }).click();
      await page.getByRole('region', { name: 'Kit' }).waitFor();
    },
  },
  orders: {
    size: { width: 1280, height: 1000 },
    go: async (page) => {
      await openOrders(page);
      await page.getByRole('button', { name: /^Add \d+ picked/ }).click();
      await page.getByRole('checkbox', { name: 'All lines of No supplier yet' }).click();
      await page.getByRole('button', { name: /^Request quotes for \d+ lines/ }).click();
      await page.getByRole('button', { name: 'Accept all from Bramfold Trade' }).waitFor();
      await page.getByRole('region', { name: 'Compare quotes' }).scrollIntoViewIfNeeded();
      await page.getByText('added from the picks').waitFor({ state: 'hidden' });
    },
  },
  'phone-round': {
    size: PHONE,
    go: async (page) => {
      await page.goto(`${ADDRESS}/rounds`);
      await page.getByRole('link', { name: 'Harbour round' }).click();
      await page.getByRole('link', { name: 'UT-118' }).click();
      await page.getByRole('button', { name: 'Start turn counter' }).click();
      await page.getByText(/it passed/).waitFor();
    },
  },
  'phone-walk': {
    size: PHONE,
    go: async (page) => {
      await openPosition(page, 'CW-103');
      await page.getByRole('link', { name: 'Walk', exact: true }).click();
      await page.getByText('What is here').waitFor();
    },
  },
  'phone-emergency': {
    size: PHONE,
    go: async (page) => {
      await openPosition(page, 'CW-103');
      await page.getByRole('link', { name: 'Emergency' }).click();
      await page.getByRole('button', { name: 'Bakery café' }).first().click();
    },
  },
  'phone-owner': {
    size: PHONE,
    go: async (page) => {
      await openPosition(page, 'CW-103');
      await page.goto(page.url().replace('/line-up/', '/owner/'));
      const parts = page.getByRole('textbox', { name: /^Parts beside/ });
      await parts.first().waitFor();
      for (const one of await parts.all()) await one.fill('8.50');
      await page.getByRole('button', { name: 'Make the link' }).click();
      await page.goto((await page.getByText(/\/owner#/).textContent()) ?? '');
      await page.reload();
      await page.getByText('Move the handle').waitFor();
    },
  },
  'phone-line-up': {
    size: PHONE,
    go: async (page) => {
      await openPosition(page, 'CW-107');
      await moveHandle(page, 40);
      await page
        .getByRole('slider', { name: 'Handle' })
        .evaluate((slider) => slider.closest('section')?.scrollIntoView());
    },
  },
};

/** @param {import('@playwright/test').Page} page */
async function openBoard(page) {
  await page.getByRole('link', { name: 'Tarn Quay terminal', exact: true }).click();
  await page.getByRole('heading', { name: 'Next on this job' }).waitFor();
}

/** @param {import('@playwright/test').Page} page @param {string} line */
async function openLine(page, line) {
  await openBoard(page);
  await page.getByRole('main').getByRole('link', { name: line, exact: true }).click();
  await page.locator('[data-tag]').first().waitFor();
}

/** @param {import('@playwright/test').Page} page @param {string} tag */
async function openPosition(page, tag) {
  await openLine(page, 'Domestic cold');
  await page.locator(`[data-tag="${tag}"]`).click();
  await page.locator(`[data-tag="${tag}"][aria-current]`).waitFor();
}

/** @param {import('@playwright/test').Page} page */
async function openOrders(page) {
  await openBoard(page);
  await page.goto(`${page.url()}/orders`);
  await page.getByRole('region', { name: 'Quillside Supply' }).waitFor();
}

/** @param {import('@playwright/test').Page} page @param {string} line @param {string} tag */
async function openBench(page, line, tag) {
  await openLine(page, line);
  await page.locator(`[data-tag="${tag}"]`).click();
  await page.locator(`[data-tag="${tag}"][aria-current]`).waitFor();
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByRole('region', { name: 'Finding' }).waitFor();
}

/** @param {import('@playwright/test').Page} page @param {number} percent */
async function moveHandle(page, percent) {
  await page.getByRole('slider', { name: 'Handle' }).focus();
  await page.keyboard.press('Home');
  for (let step = 0; step < percent; step += 1) await page.keyboard.press('ArrowRight');
  await page.getByRole('slider', { name: 'Handle' }).blur();
}

const data = join(tmpdir(), `grevik-pictures-${randomBytes(4).toString('hex')}`);
const app = spawn('node', [join(ROOT, 'tools/start.mjs')], {
  env: { ...process.env, PORT, GREVIK_DATA_DIR: data },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((ready) => app.stdout.once('data', ready));
const browser = await launchBrowser();
try {
  mkdirSync(FOLDER, { recursive: true });
  const wanted = process.argv.slice(2);
  for (const [name, { size, metric, dark, outside, go }] of Object.entries(PICTURES)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const context = await browser.newContext({
      viewport: size,
      reducedMotion: 'reduce',
      colorScheme: dark ? 'dark' : 'light',
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    await page.goto(ADDRESS);
    const demo = page.getByRole('button', { name: 'Open the demo company' });
    await demo.waitFor();
    if (!outside) {
      await demo.click();
      await page.getByRole('link', { name: 'Tarn Quay terminal', exact: true }).waitFor();
    }
    if (metric) await page.getByRole('button', { name: 'metric units' }).click();
    await go(page);
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(400);
    await page.screenshot({ path: join(FOLDER, `${name}.png`) });
    await context.close();
  }
} finally {
  await browser.close();
  app.kill('SIGTERM');
  await new Promise((ended) => app.once('exit', ended));
  rmSync(data, { recursive: true, force: true });
}
