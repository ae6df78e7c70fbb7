import { expect, test } from '@playwright/test';
import { lookAround, stays, undo } from './open.js';

test('too little money: what must not wait stands on top, what has failed comes first, and a valve moved to another year says what that costs', async ({
  page,
}) => {
  await lookAround(page);
  await page.getByRole('link', { name: 'Tarn Quay terminal', exact: true }).click();
  await page.getByRole('link', { name: 'Budget' }).first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Budget' })).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Must not wait' }).getByRole('link', { name: 'GA-103' }),
  ).toBeVisible();
  const firstYear = page.getByRole('region', { name: /^Year 1: / });
  await expect(firstYear.getByRole('listitem').filter({ hasText: 'CW-103' }).first()).toContainText(
    'has failed',
  );
  await expect(page.getByRole('figure', { name: 'Cost of each year' })).toBeVisible();

  const sum = page.getByText(/^Replacing as planned, .* costs \$[\d,]+ over 5 years/);
  const before = await sum.textContent();
  const row = firstYear.getByRole('listitem').filter({ hasText: 'CW-103' }).first();
  await row.getByRole('combobox', { name: 'When' }).click();
  await page.getByRole('option', { name: /^Year 4 [+−]\$/ }).click();
  await stays(page, 'CW-103 moved to year 4');
  await expect(
    page.getByRole('region', { name: /^Year 4: / }).getByRole('link', { name: 'CW-103' }),
  ).toBeVisible();
  await expect.poll(() => sum.textContent()).not.toBe(before);
  await undo(page, 'CW-103 moved to year 4');
  await expect(firstYear.getByRole('link', { name: 'CW-103' })).toBeVisible();
  await expect.poll(() => sum.textContent()).toBe(before);

  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('Tarn Quay terminal budget.pdf');
});

test('the money and the age nobody knows are changed, and an odd figure is named', async ({ page }) => {
  await lookAround(page);
  await page.goto('/budget');
  await expect(page.getByText(/^No valve can be planned yet|^Replacing as planned/)).toBeVisible();
  await page.getByLabel('Unknown ages are taken as').fill('a lot');
  await page.getByRole('button', { name: 'Save and plan' }).click();
  await expect(page.getByRole('alert')).toContainText('ageIfUnknown is "a lot"');
  await page.getByLabel('Unknown ages are taken as').fill('30');
  await page.getByRole('button', { name: 'Save and plan' }).click();
  await expect(page.getByText('Budget saved')).toBeVisible();
  await expect(page.getByText('taken as 30 years old').first()).toBeVisible();
});
