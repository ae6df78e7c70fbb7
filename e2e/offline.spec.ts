import { expect, test } from '@playwright/test';
import { lookAround } from './open.js';

test.use({ serviceWorkers: 'allow' });

test('without a network the screens still open and say so; with it the work goes on', async ({
  page,
  context,
}) => {
  await lookAround(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.waitForTimeout(1500);
  await context.setOffline(true);
  await expect(page.getByText('No network.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('This could not be opened')).toBeVisible();
  await context.setOffline(false);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('link', { name: 'Tarn Quay terminal', exact: true })).toBeVisible();
});
