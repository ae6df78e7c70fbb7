import { expect, test } from '@playwright/test';
import { lookAround, walkTo } from './open.js';

test('paste what was scribbled, complete a line by choices, and take it away said in full', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await lookAround(page, 'estimator');
  await page.goto('/parts-list');
  await page.locator('input[type=file]').setInputFiles('e2e/fixtures/parts-list.txt');
  await expect(page.getByRole('heading', { name: '2 of 7 lines are complete' })).toBeVisible();
  const gate = page.getByRole('listitem').filter({ hasText: 'gate valve 2in standard' });
  await expect(gate).toContainText('“Standard” does not say enough. It leaves open: connections');
  const basins = page.getByRole('listitem').filter({ hasText: 'stop for basins' });
  await basins.getByRole('combobox', { name: 'supply side' }).selectOption('sweat');
  await basins.getByRole('button', { name: 'Apply' }).click();
  await basins.getByRole('combobox', { name: 'Size' }).selectOption('1/2 in');
  await basins.getByRole('combobox', { name: 'Form' }).selectOption('angle stop');
  await basins.getByRole('combobox', { name: 'Action' }).selectOption('quarter turn');
  await expect(basins).toContainText('1/2 in sweat x 3/8 in OD compression angle stop, quarter turn');
  await expect(page.getByRole('heading', { name: '3 of 7 lines' })).toBeVisible();
  await page.getByRole('button', { name: 'Copy as text' }).click();
  await expect(page.getByText('The list is copied, written out in full.')).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied.split('\n')[6]).toBe('40  1/2 in sweat x 3/8 in OD compression angle stop, quarter turn');
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('count the stops of the job from its walks, and compare ways of equipping it', async ({ page }) => {
  await lookAround(page, 'estimator');
  await walkTo(page, 'CW-113');
  await page.getByRole('link', { name: 'Schedule' }).click();
  await page.getByRole('main').getByRole('link', { name: 'Takeoff' }).click();
  await expect(page.getByText('63 stops to buy, including 6 spares')).toBeVisible();
  await page.getByRole('textbox', { name: 'Rooms of one kind' }).fill('basin, toilet');
  await page.getByRole('spinbutton', { name: 'times' }).fill('20');
  await page.getByRole('button', { name: 'Add rooms' }).click();
  await expect(page.getByText('126 stops to buy, including 9 spares')).toBeVisible();
  await expect(page.getByText(/costs \$[\d.]+ more than Fennick S3/)).toBeVisible();
  await page.reload();
  await expect(page.getByText('126 stops to buy, including 9 spares')).toBeVisible();
});
