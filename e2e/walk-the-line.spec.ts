import { expect, test } from '@playwright/test';
import { current, lookAround, openLine, openPosition, strip } from './open.js';

test('open the demo job and follow the flow with the arrow keys', async ({ page }) => {
  await lookAround(page);
  await openLine(page, 'Domestic cold');
  await strip(page).locator('[data-tag="CW-101"]').click();
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-101');
  await expect.poll(() => strip(page).getByRole('link').count()).toBeGreaterThanOrEqual(10);
  for (let press = 0; press < 5; press += 1) await page.keyboard.press('ArrowRight');
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-106');
  for (let press = 0; press < 3; press += 1) await page.keyboard.press('ArrowLeft');
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-103');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Café branch');
  await page.keyboard.press('ArrowLeft');
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-102');
  await expect(page).toHaveURL(/line-up\/CW-102$/);
});

test('change the line with up and down, and stay on the step', async ({ page }) => {
  await openPosition(page, 'CW-101');
  await page.getByRole('link', { name: 'Schedule' }).click();
  await expect(page.getByRole('heading', { name: 'Valve schedule · Domestic cold' })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('heading', { name: 'Valve schedule · Domestic hot' })).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('heading', { name: 'Valve schedule · Domestic cold' })).toBeVisible();
});

test('an address opens its position, and a wrong one says what to do', async ({ page }) => {
  await openPosition(page, 'CW-105');
  const address = page.url();
  await page.goto('about:blank');
  await page.goto(address);
  await expect(current(page)).toHaveAttribute('data-tag', 'CW-105');
  await page.goto(address.replace('CW-105', 'CW-999'));
  await expect(page.getByRole('status')).toContainText('CW-999 is not on Domestic cold');
  await page.goto('/jobs/00000000-0000-4000-8000-000000000000');
  await expect(page.getByRole('status')).toContainText('Open the list of jobs');
  await page.goto('/nowhere');
  await expect(page.getByRole('status')).toContainText('no screen at this address');
});
