import { join } from 'node:path';
import { type Page, expect, test } from '@playwright/test';
import { current, openPosition, strip, openWalkList } from './open.js';

/** A finger drawn over the strip. */
async function swipe(page: Page, by: number): Promise<void> {
  const box = await strip(page).boundingBox();
  if (!box) throw new Error('the strip is not on the screen');
  const finger = await page.context().newCDPSession(page);
  const at = (x: number) => [{ x, y: box.y + box.height / 2 }];
  const middle = box.x + box.width / 2;
  await finger.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(middle) });
  for (const part of [0.3, 0.6, 1])
    await finger.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(middle + by * part) });
  await finger.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

test('walk the strip by touch: a swipe to the left goes on, to the right goes back', async ({ page }) => {
  await openPosition(page, 'CW-104');
  await swipe(page, -120);
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-105');
  await swipe(page, 120);
  await swipe(page, 120);
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-103');
});

test('a tap on the strip goes there', async ({ page }) => {
  await openPosition(page, 'CW-103');
  await strip(page).locator('[data-tag="CW-104"]').tap();
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-104');
});

test('one position and one action at the bottom, nothing wider than the screen', async ({ page }) => {
  await openPosition(page, 'CW-104');
  await expect(page.getByRole('button', { name: 'Next: CW-105' })).toBeInViewport();
  await page.getByRole('button', { name: 'Next: CW-105' }).tap();
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-105');
  const action = page.getByRole('button', { name: /^Pick .*, (Fits|With care|Fits so far|Care so far)$/ });
  await expect(action).toBeInViewport();
  expect((await action.boundingBox())?.height).toBeGreaterThanOrEqual(44);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('the schedule, closing times by type and a walk list looked at are no wider than the screen', async ({
  page,
}) => {
  const width = (): Promise<number> => page.evaluate(() => document.documentElement.scrollWidth);
  await openPosition(page, 'CW-101');
  await page.getByRole('link', { name: 'Schedule' }).tap();
  await expect(page.getByRole('cell', { name: 'Café branch' })).toBeVisible();
  expect(await width()).toBeLessThanOrEqual(390);
  await page.getByRole('link', { name: 'Bench' }).tap();
  await page.getByRole('button', { name: 'Calculate all' }).tap();
  await expect(page.getByRole('button', { name: 'Calculate all' })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Pipe' })).toBeAttached();
  expect(await width()).toBeLessThanOrEqual(390);
  await openWalkList(page);
  await page.locator('input[type=file]').setInputFiles(join(import.meta.dirname, 'fixtures/walk-list.csv'));
  await expect(page.getByRole('button', { name: /^Add \d+ positions$/ })).toBeVisible();
  expect(await width()).toBeLessThanOrEqual(390);
});

test('at a valve, one position with targets for a wet thumb: found, judged, written down', async ({
  page,
}) => {
  await openPosition(page, 'CW-109');
  await page.getByRole('link', { name: 'Walk', exact: true }).tap();
  const gate = page.getByRole('button', { name: 'gate', exact: true });
  expect((await gate.boundingBox())?.height).toBeGreaterThanOrEqual(44);
  await gate.tap();
  await page.getByRole('group', { name: 'Does it turn?' }).getByRole('button', { name: 'seized' }).tap();
  await expect(page.getByText(/Do not force it: use CW-102/)).toBeVisible();
  await page.getByRole('button', { name: 'Save and next' }).tap();
  await expect(page.getByText('CW-109: entry saved')).toBeVisible();
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-110');
  await page.getByRole('button', { name: 'Outline' }).tap();
  await expect(page.getByRole('treeitem', { name: /CW-109.*seized/ })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('water through the ceiling: two taps to the valve', async ({ page }) => {
  await openPosition(page, 'CW-101');
  await page.getByRole('link', { name: 'Emergency' }).tap();
  await page.getByRole('button', { name: 'Bathhouse' }).first().tap();
  await expect(page.getByRole('heading', { name: 'Close CW-107' })).toBeVisible();
  await expect(page.getByText('Open the lowest faucet downstream')).toBeVisible();
});
