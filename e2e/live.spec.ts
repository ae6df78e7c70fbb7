import { type Page, expect, test } from '@playwright/test';
import { openPosition } from './open.js';

/** A second person in a browser of their own. */
async function another(page: Page): Promise<Page> {
  const context = await page
    .context()
    .browser()!
    .newContext({
      baseURL: new URL(page.url()).origin,
      reducedMotion: 'reduce',
      serviceWorkers: 'block',
    });
  return context.newPage();
}

const word = (page: Page, of: string) => page.getByRole('button', { name: `${of}:` });

test('what somebody else changes appears on the screen, and who else is there', async ({ page }) => {
  await openPosition(page, 'CW-108', 'foreman');
  const other = await another(page);
  await openPosition(other, 'CW-108', 'technician');
  await expect(page.getByText('Joss Karran is here too')).toBeVisible();
  await expect(other.getByText(/ is here too/)).toBeVisible();
  await expect(word(page, 'place')).not.toHaveText('in a pit');
  await word(other, 'place').click();
  await other.getByRole('menuitem', { name: 'in a pit' }).click();
  await expect(word(other, 'place')).toHaveText('in a pit');
  await expect(word(page, 'place')).toHaveText('in a pit');
  await other.context().close();
  await expect(page.getByText('Joss Karran is here too')).toBeHidden();
});

test('a page that was hidden goes on from what it last showed', async ({ page }) => {
  await openPosition(page, 'CW-109', 'foreman');
  await page.evaluate(() => {
    Object.defineProperty(document, 'hidden', { configurable: true, get: () => true });
    document.dispatchEvent(new Event('visibilitychange'));
  });
  const other = await another(page);
  await openPosition(other, 'CW-109', 'technician');
  await word(other, 'place').click();
  await other.getByRole('menuitem', { name: 'outdoors' }).click();
  await expect(word(other, 'place')).toHaveText('outdoors');
  await other.context().close();
  await expect(word(page, 'place')).not.toHaveText('outdoors');
  await page.evaluate(() => {
    Reflect.deleteProperty(document, 'hidden');
    document.dispatchEvent(new Event('visibilitychange'));
  });
  await expect(word(page, 'place')).toHaveText('outdoors');
});

test('nothing is asked of the server while nothing happens', async ({ page }) => {
  const asked: string[] = [];
  let last = Date.now();
  page.on('request', (request) => {
    asked.push(`${request.method()} ${request.url()}`);
    last = Date.now();
  });
  page.on('requestfinished', () => (last = Date.now()));
  await openPosition(page, 'CW-110', 'foreman');
  await page.getByRole('link', { name: 'Order', exact: true }).click();
  // The job is kept on the device four seconds after it was opened; all of that has come once nothing was asked for longer.
  await expect.poll(() => Date.now() - last).toBeGreaterThan(6_000);
  asked.length = 0;
  await page.waitForTimeout(60_000);
  expect(asked).toEqual([]);
});
