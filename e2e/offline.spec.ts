import { expect, test } from '@playwright/test';
import { lookAround, openWalk } from './open.js';

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

test('without a network Water! answers for the job that was open last', async ({ page, context }) => {
  await lookAround(page);
  await openWalk(page, 'Domestic cold');
  await page.evaluate(() => navigator.serviceWorker.ready);
  // A while after the job was opened the device keeps it.
  await page.waitForResponse((response) => /\/api\/jobs\/[^/]+\/walk$/.test(response.url()));
  await page.waitForTimeout(1500);
  await context.setOffline(true);
  await page.getByRole('link', { name: 'Water!' }).click();
  await expect(page.getByRole('heading', { name: 'Where is it coming from?' })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Bakery café' }).first().click();
  await expect(page.getByRole('heading', { name: /^Close CW-/ })).toBeVisible();
});
