import { expect, test } from '@playwright/test';
import { current, openPosition } from './open.js';

test('walk, move the handle, pick and find by key', async ({ page }) => {
  await openPosition(page, 'CW-104');
  await page.keyboard.press('j');
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-105');
  await page.keyboard.press('k');
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-104');
  for (let press = 0; press < 4; press += 1) await page.keyboard.press('[');
  await expect(page.getByRole('rowheader', { name: 'Loss at 80 %' })).toBeVisible();
  await page.keyboard.press(']');
  await expect(page.getByRole('rowheader', { name: 'Loss at 85 %' })).toBeVisible();
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: /for CW-104$/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toContainText(
    'next or previous position',
  );
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('dishwasher');
  await page.keyboard.press('Enter');
  await expect(current(page)).toHaveAttribute('data-tag', 'HW-103');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('pick the first');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: /for HW-103$/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('dark theme');
  await page.keyboard.press('Enter');
  await expect(page.locator('html')).toHaveClass(/dark/);
});

test('what counts is weighed, and the order of the columns follows', async ({ page }) => {
  await openPosition(page, 'CW-104');
  const first = page.locator('th[scope=col]').first();
  await page.getByRole('button', { name: 'Ranking' }).click();
  for (const [part, key] of [
    ['Judgement', 'Home'],
    ['Price', 'End'],
  ] as const) {
    await page.getByRole('slider', { name: part }).focus();
    await page.keyboard.press(key);
  }
  await expect(first).toHaveAttribute('data-model', 'Brindlow 14N');
  await page.getByRole('slider', { name: 'Price' }).focus();
  await page.keyboard.press('Home');
  await page.getByRole('slider', { name: 'Ease of repair' }).focus();
  await page.keyboard.press('End');
  await expect(first).toHaveAttribute('data-model', 'Rushey U3');
  await page.getByRole('button', { name: 'Default' }).click();
  await expect(first).not.toHaveAttribute('data-model', 'Rushey U3');
});

test('under the columns stand flow against the handle and hammer against closing time, said in words too', async ({
  page,
}) => {
  await openPosition(page, 'CW-103');
  await expect(page.getByRole('img', { name: /^At half open: .*gpm/ })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Closed within 0.029 s, the pressure reaches \d+ psi/ }),
  ).toBeVisible();
});
