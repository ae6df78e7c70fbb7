import { type Page, expect } from '@playwright/test';

/** Answers the question that is open with what is nearest at hand, right or not. */
export async function answerAnyhow(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: 'Check the answer' })).toBeVisible();
  const seconds = page.getByLabel('Seconds from open to closed');
  const line = page.getByRole('textbox', { name: 'Your order line' });
  if (await page.getByRole('radio').count()) await page.getByRole('radio').first().click();
  else if (await page.getByRole('checkbox').count()) await page.getByRole('checkbox').first().click();
  else if (await line.count()) await line.fill('1/2 sweat x 3/8 OD compression angle stop, quarter turn');
  else if (await seconds.count()) {
    await seconds.fill('4');
    await page.getByRole('button', { name: 'Close evenly' }).click();
  }
  await page.getByRole('button', { name: 'Check the answer' }).click();
}
