import { type Page, expect, test } from '@playwright/test';
import { lookAround, openWalk } from './open.js';

test.use({ serviceWorkers: 'allow' });

/** The application is on the device: a service worker is ready when all that it keeps is there. */
const shellKept = (page: Page): Promise<unknown> =>
  page.evaluate(async () => void (await navigator.serviceWorker.ready));

/** How many jobs the device keeps, read in the page. */
const keptJobs = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const opening = indexedDB.open('grevik');
    opening.onerror = () => reject(new Error('the device keeps nothing'));
    opening.onsuccess = () => {
      const { result: device } = opening;
      if (!device.objectStoreNames.contains('jobs')) {
        device.close();
        return resolve(0);
      }
      const counting = device.transaction('jobs').objectStore('jobs').count();
      counting.onsuccess = () => {
        device.close();
        resolve(counting.result);
      };
    };
  });

test('without a network the screens still open and say so; with it the work goes on', async ({
  page,
  context,
}) => {
  await lookAround(page);
  await shellKept(page);
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
  await shellKept(page);
  // A while after the job was opened the device keeps it.
  await expect.poll(() => page.evaluate(keptJobs), { timeout: 20_000 }).toBe(1);
  await context.setOffline(true);
  await page.getByRole('link', { name: 'Emergency' }).click();
  await expect(page.getByRole('heading', { name: 'Where is it coming from?' })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Bakery café' }).first().click();
  await expect(page.getByRole('heading', { name: /^Close CW-/ })).toBeVisible();
});
