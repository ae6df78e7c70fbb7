import { type Page, expect, test } from '@playwright/test';
import { openStartUp } from './open.js';

const step = (page: Page, name: string) =>
  page
    .getByRole('list', { name: 'Steps of the start-up' })
    .getByRole('button', { name: new RegExp(`^${name}`) });

test('a line is started up: inspected, held by the logger, skipped with reasons, and handed over by two', async ({
  page,
}) => {
  test.setTimeout(300_000);
  await openStartUp(page, 'Buried service');
  for (const valve of await page.getByRole('checkbox', { name: /^Arrow, hinge pin/ }).all()) {
    await valve.check();
    await valve.locator('xpath=ancestor::form').getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/^BS-.* saved$/).first()).toBeVisible();
  }
  await expect(step(page, 'Inspect ✓')).toBeVisible();

  await step(page, 'Hold').click();
  await page.getByRole('textbox', { name: 'Time to hold' }).fill('15 s');
  await page.getByRole('textbox', { name: 'Smallest step of the gauge' }).fill('0.1 psi');
  await page.getByRole('spinbutton', { name: 'Pipe cools, K' }).fill('0');
  await page.getByRole('button', { name: 'Start reading' }).click();
  await expect(page.getByText('Holding so far')).toBeVisible();
  // Nobody watches meanwhile.
  const address = page.url();
  await page.goto('about:blank');
  await page.waitForTimeout(15_000);
  await page.goto(address);
  await expect(page.getByText('Holds', { exact: true })).toBeVisible();
  await expect(step(page, 'Hold ✓')).toBeVisible();

  await page.getByRole('textbox', { name: 'Test pressure' }).fill('50 psi');
  await page.getByRole('textbox', { name: 'Time to hold' }).fill('10 min');
  await page.getByRole('button', { name: 'Import a log' }).click();
  const rows = Array.from({ length: 70 }, (_, at) => `${at * 10},${(50.2 - at * 0.02).toFixed(2)},60`);
  await page.locator('input[type=file]').setInputFiles({
    name: 'gauge.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['time (s),gauge (psi),pipe (°F)', ...rows].join('\n')),
  });
  await expect(page.getByText('70 samples read from gauge.csv.')).toBeVisible();
  await page.getByRole('button', { name: 'Judge these samples' }).click();
  await expect(page.getByText('Leaks', { exact: true })).toBeVisible();
  await expect(page.getByText(/^The line lost/)).toBeVisible();
  await expect(step(page, 'Hold ✓')).toHaveCount(0);

  const list = page.getByRole('list', { name: 'Steps of the start-up' }).getByRole('button');
  const names = await list.locator('b').allTextContents();
  for (const name of names.slice(1)) {
    // The list moves when an entry is stored: a click that came too early is made again.
    await expect(async () => {
      await step(page, name).click();
      await expect(page.getByRole('region', { name, exact: true })).toBeVisible({ timeout: 2_000 });
    }).toPass();
    await page.getByRole('button', { name: 'Skip step' }).click();
    await page.getByRole('textbox', { name: 'Why is it skipped?' }).fill('Done by the main contractor.');
    await page.getByRole('button', { name: 'Skip with this reason' }).click();
    await expect(step(page, `${name} skipped`)).toBeVisible();
  }
  await page.getByRole('textbox', { name: 'Done by' }).fill('Maren Tolvik');
  await page.getByRole('textbox', { name: 'Taken over by' }).fill('Harbour office');
  await page.getByRole('button', { name: 'Sign and hand over' }).click();
  await expect(page.getByText(/^Handed over on .* by Maren Tolvik to Harbour office/)).toBeVisible();
  await page.getByRole('link', { name: 'Valve chart for the wall' }).click();
  await expect(page.getByRole('region', { name: 'CLOSE FIRST' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});
