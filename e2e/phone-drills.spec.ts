import { expect, test } from '@playwright/test';
import { answerAnyhow } from './answer-drill.js';
import { lookAround } from './open.js';

test('a run of ten by thumb: every question fits the screen, and its targets are large', async ({ page }) => {
  test.setTimeout(180_000);
  await lookAround(page, 'apprentice');
  await page.goto('/drills/run');
  for (let at = 1; at <= 10; at += 1) {
    await expect(page.getByText(`${at} of 10`)).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const check = page.getByRole('button', { name: 'Check the answer' });
    await expect(check).toBeInViewport();
    expect((await check.boundingBox())?.height).toBeGreaterThanOrEqual(48);
    for (const choice of await page.locator('[role="radio"], [role="checkbox"]').all())
      expect((await choice.boundingBox())?.height).toBeGreaterThanOrEqual(48);
    await answerAnyhow(page);
    await page.getByRole('button', { name: at === 10 ? 'See the result' : 'Next question' }).tap();
  }
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/of 10 right$/);
});
