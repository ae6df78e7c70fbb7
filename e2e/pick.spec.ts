import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { current, openPosition, stays, tray, type, undo } from './open.js';

test.describe.configure({ mode: 'serial' });

test('pick one with the reason written and changed, see it on the strip, and find it after a reload', async ({
  page,
}) => {
  await openPosition(page, 'CW-103');
  // Picked already where the test runs again.
  const isPicked = !(await current(page).textContent())?.includes('not picked');
  if (isPicked) await page.getByRole('button', { name: 'Remove pick' }).click();
  await expect(current(page)).toContainText('not picked');
  await page.getByRole('button', { name: 'Pick Ostrand 21P' }).click();
  const because = page.getByRole('textbox', { name: 'Because' });
  await expect(because).toHaveValue(/Ball, full port \(Ostrand 21P\)/);
  await because.fill('Press joints: no torch in this wall.');
  await page.getByRole('button', { name: 'Pick valve' }).click();
  await expect(page.getByRole('button', { name: 'Picked Ostrand 21P' })).toBeVisible();
  await expect(current(page)).not.toContainText('not picked');
  await page.reload();
  await expect(page.getByRole('region', { name: 'Picked' })).toContainText(
    'Press joints: no torch in this wall.',
  );
});

test('a pick is let go, and Undo brings it back', async ({ page }) => {
  await openPosition(page, 'CW-103');
  await page.getByRole('button', { name: 'Remove pick' }).click();
  await expect(current(page)).toContainText('not picked');
  await undo(page, 'pick removed');
  await expect(page.getByRole('region', { name: 'Picked' })).toContainText('no torch');
});

test('a pick that the duty has outgrown says so', async ({ page }) => {
  await openPosition(page, 'CW-103');
  await type(page, 'pressure', '20 bar');
  await stays(page, 'duty changed');
  await expect(page.getByRole('region', { name: 'Picked' })).toContainText('no longer fits');
  await expect(current(page)).toContainText('pick no longer fits');
  await expect(tray(page).locator('[data-model="Ostrand 21P"]')).toContainText('press joint');
  await undo(page, 'duty changed');
  await expect(page.getByRole('region', { name: 'Picked' })).toContainText('no torch');
});

test('the schedule shows it, prints without the controls, and goes out as CSV', async ({ page }) => {
  await openPosition(page, 'CW-103');
  await page.getByRole('link', { name: 'Schedule' }).click();
  const row = page.getByRole('row', { name: /CW-103/ });
  await expect(row).toContainText('Press joints: no torch in this wall.');
  await expect(row).toContainText('$21.90');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('navigation')).toHaveCount(0);
  await expect(row).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export CSV' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Domestic cold schedule.csv');
  expect(readFileSync(await download.path(), 'utf8')).toContain('Press joints: no torch in this wall.');
});
