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
  await expect.poll(() => page.evaluate(keptJobs)).toBe(1);
  await context.setOffline(true);
  await page.getByRole('link', { name: 'Emergency' }).click();
  await expect(page.getByRole('heading', { name: 'Where is it coming from?' })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Bakery café' }).first().click();
  await expect(page.getByRole('heading', { name: /^Close CW-/ })).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('a start-up goes on without a network, past reloads, and each thing is stored once', async ({
    page,
    context,
  }) => {
    const came = await page.request.post('/api/session/company', {
      data: {
        company: 'Sluice works',
        name: 'Ines Falk',
        email: `ines${Date.now()}@works.example`,
        password: 'lantern over the quay',
      },
    });
    expect(came.status()).toBe(201);
    const { id: jobId } = (await (
      await page.request.post('/api/jobs', { data: { name: 'Lock house' } })
    ).json()) as { id: string };
    const text =
      'tag,line,medium,function,size,pressure,temperature\nC-1,Cold,cold water,isolate,1,5 bar,10 C\nC-2,Cold,cold water,isolate,1,5 bar,10 C';
    await page.request.post(`/api/jobs/${jobId}/walk-list`, { data: { text, rows: [2, 3] } });
    const { lines } = (await (await page.request.get(`/api/jobs/${jobId}`)).json()) as {
      lines: { id: string }[];
    };
    const lineId = lines[0]?.id ?? '';
    const entries = async (): Promise<unknown[]> =>
      ((await (await page.request.get(`/api/lines/${lineId}/start-up`)).json()) as { entries: unknown[] })
        .entries;

    await page.goto(`/jobs/${jobId}/lines/${lineId}/start-up?step=label`);
    await expect(page.getByRole('heading', { name: 'Label' })).toBeVisible();
    await shellKept(page);
    const hang = async (tag: string): Promise<void> => {
      const form = page.locator('form').filter({ has: page.getByRole('heading', { name: tag }) });
      await form.getByRole('checkbox', { name: 'Tag hangs' }).check();
      await form.getByRole('checkbox', { name: 'Photographed' }).check();
      await form.getByRole('button', { name: 'Save' }).click();
      await expect(page.getByText(new RegExp(`^${tag}.* saved on this device`))).toBeVisible();
    };
    for (const [tag, count] of [
      ['C-1', 1],
      ['C-2', 2],
    ] as const) {
      await context.setOffline(true);
      await hang(tag);
      await page.reload();
      const done = page.locator('form[data-done]').filter({ has: page.getByRole('heading', { name: tag }) });
      await expect(done).toBeVisible();
      await expect(page.getByText('1 entry is stored on this device')).toBeVisible();
      await context.setOffline(false);
      await expect(page.getByText('stored on this device and')).toBeHidden();
      expect(await entries()).toHaveLength(count);
    }
  });
});
