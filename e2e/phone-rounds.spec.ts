import { type Page, expect, test } from '@playwright/test';
import { lookAround } from './open.js';
import { seriousFaults } from './check-accessibility.js';

const LEAST_PX = 48;
const LEAST_GAP_PX = 8;

async function openVisit(page: Page): Promise<void> {
  await lookAround(page);
  await page.goto('/rounds');
  await page.getByRole('link', { name: 'Harbour round' }).tap();
  // The list of what is due names its valves too: the round is there first.
  await expect(page.getByRole('heading', { level: 1, name: 'Harbour round' })).toBeVisible();
  await page.getByRole('link', { name: 'UT-118' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: /^Net loft lane/ })).toBeVisible();
}

/** Boxes of everything one taps on the page. */
const targets = (page: Page) =>
  page.evaluate(() =>
    [
      ...document.querySelectorAll(
        'main button, main a, main summary, main label.MuiButton-root, main [role=combobox]',
      ),
    ]
      .filter((one) => one.checkVisibility())
      .map((one) => {
        const { x, y, width, height } = one.getBoundingClientRect();
        return { name: one.textContent.trim(), x, y, width, height };
      })
      .filter(({ width }) => width > 0),
  );

/** How many pictures the device keeps, read in the page. */
const keptPictures = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const opening = indexedDB.open('grevik');
    opening.onerror = () => reject(new Error('the device keeps nothing'));
    opening.onsuccess = () => {
      const counting = opening.result.transaction('pictures').objectStore('pictures').count();
      counting.onsuccess = () => {
        opening.result.close();
        resolve(counting.result);
      };
    };
  });

test('targets are 48 px and 8 px apart, what is read has a contrast of 7 to 1, in light and in dark', async ({
  page,
}) => {
  await openVisit(page);
  for (const scheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: scheme });
    await page.getByText('Find the valve').tap();
    await page.getByRole('button', { name: 'Not done' }).tap();
    const boxes = await targets(page);
    expect(boxes.length).toBeGreaterThan(15);
    for (const { name, height } of boxes) expect.soft(height, name).toBeGreaterThanOrEqual(LEAST_PX - 0.5);
    const ofPage = boxes.filter(({ name }) => !/^(?:Save and|Cancel|Not done)/.test(name));
    for (const [at, a] of ofPage.entries())
      for (const b of ofPage.slice(at + 1)) {
        const across = Math.max(a.x, b.x) - Math.min(a.x + a.width, b.x + b.width);
        const down = Math.max(a.y, b.y) - Math.min(a.y + a.height, b.y + b.height);
        expect
          .soft(Math.max(across, down), `${a.name} and ${b.name}`)
          .toBeGreaterThanOrEqual(LEAST_GAP_PX - 0.5);
      }
    expect(await seriousFaults(page, { only: ['color-contrast-enhanced'] }, 'main')).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await page.getByRole('button', { name: 'Cancel' }).tap();
    await page.getByText('Find the valve').tap();
  }
});

test('the turn counter is watched live, says what the curve means, and the visit is saved', async ({
  page,
}) => {
  await openVisit(page);
  await page.getByRole('button', { name: 'Start turn counter' }).tap();
  await expect(page.getByText(/^Tight patch at \d+ turns, most likely scale; it passed/)).toBeVisible();
  await expect(page.getByRole('figure', { name: 'Torque over turns' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start turn counter' })).toBeVisible();
  await page.getByRole('button', { name: 'stiff' }).tap();
  await page.getByRole('group', { name: 'It is left' }).getByRole('button', { name: 'open' }).tap();
  await page.getByRole('button', { name: 'Save and next' }).tap();
  await expect(page.getByText('UT-118 saved')).toBeVisible();
  await page.getByRole('link', { name: 'Harbour round' }).tap();
  await expect(page.getByRole('status').filter({ hasText: '5 of 8 done' })).toBeVisible();
});

test('without a network the round opens, visits and a photo wait on the phone past a reload, and are stored once', async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    serviceWorkers: 'allow',
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await lookAround(page);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.goto('/rounds');
  await page.getByRole('link', { name: 'Lift station, October' }).tap();
  await page.getByRole('link', { name: 'Start on site' }).tap();
  await expect(page.getByText(/^This round is kept on this device: \d+ kB\.$/)).toBeVisible();
  const first =
    (await page
      .locator('main p')
      .filter({ hasText: /^LS-\d+ · / })
      .textContent()) ?? '';
  const tag = first.split(' ')[0] ?? '';
  await page.locator('input[type=file][capture]').last().setInputFiles('docs/screenshots/board.png');
  const before = page.getByRole('group', { name: 'How it looked before' }).getByRole('img');
  await expect(before).toBeVisible();
  await expect.poll(() => page.evaluate(keptPictures)).toBe(1);
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByText(first)).toBeVisible();
  await expect(before).toHaveAttribute('src', /^data:image/);
  await page.locator('input[type=file][capture]').first().setInputFiles('docs/screenshots/board.png');
  await expect(page.getByText(/1 photo taken, waits on this device/)).toBeVisible();
  await page.getByRole('group', { name: 'Done here' }).getByRole('button').first().tap();
  await page.getByRole('button', { name: 'Save and next' }).tap();
  await expect(page.getByText(`${tag} is kept on this device and sent later`)).toBeVisible();
  await page.reload();
  await expect(page.getByText('2 entries are stored on this device')).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/stored on this device and/)).toBeHidden();
  await page.goto('/rounds');
  await page.getByRole('link', { name: 'Lift station, October' }).tap();
  await expect(page.getByRole('status').filter({ hasText: '1 of 9 done' })).toBeVisible();
  await context.close();
});
