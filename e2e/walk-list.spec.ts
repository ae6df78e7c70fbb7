import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { lookAround, strip, openWalkList } from './open.js';

const SAMPLE = join(import.meta.dirname, 'fixtures/walk-list.csv');

test('a list typed on site is looked at row by row and goes in together, into a new job', async ({
  page,
}) => {
  await lookAround(page);
  await page.getByRole('textbox', { name: 'Name' }).fill('Harbour sheds');
  await page.getByRole('button', { name: 'Create job' }).click();
  await page.getByRole('link', { name: 'Import walk list into Harbour sheds' }).click();
  await expect(page.getByRole('heading', { name: 'Import walk list' })).toBeVisible();
  await page.locator('input[type=file]').setInputFiles(SAMPLE);
  await expect(page.getByText('17 rows can be imported, 5 cannot.')).toBeVisible();
  const bad = page.getByRole('table', { name: 'Left out' }).getByRole('row');
  await expect(bad).toHaveCount(6);
  await expect(bad.nth(1)).toHaveText(/^19tagCW-02.*row 3/);
  await expect(bad.nth(2)).toHaveText(/^20sizenothing.*3\/4/);
  await expect(bad.nth(3)).toHaveText(/^21mediumsoup.*potable cold/);
  await expect(bad.nth(4)).toHaveText(/^22pressure-4 bar.*4 bar\?/);
  await expect(bad.nth(5)).toHaveText(/^23pressure75.*which unit/);
  await page.getByRole('button', { name: 'Add 17 positions' }).click();
  await expect(page.getByText('17 positions added')).toBeVisible();
  await expect(strip(page).getByRole('link')).toHaveCount(6);
  await page.getByRole('link', { name: 'Harbour sheds', exact: true }).first().click();
  for (const line of ['Gas', 'Sprinkler', 'Wash-down', 'Hall steam', 'Lift station', 'Utility main']) {
    await expect(page.getByRole('link', { name: line }).last()).toBeVisible();
  }
  await expect(page.getByRole('listitem').filter({ hasText: /^Wash-down/ })).toContainText(
    'high-pressure wash water',
  );
});

test('the same list a second time adds nothing', async ({ page }) => {
  await lookAround(page);
  await openWalkList(page, 'Harbour sheds');
  await page.locator('input[type=file]').setInputFiles(SAMPLE);
  await expect(page.getByText('0 rows can be imported, 22 cannot.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add 0 positions' })).toBeDisabled();
  await expect(page.getByRole('table', { name: 'Left out' })).toContainText(
    '“CW-01” is on Domestic cold already',
  );
});

test('a sheet that is no walk list says which columns are missing, and keeps what was pasted', async ({
  page,
}) => {
  await lookAround(page);
  await openWalkList(page, 'Harbour sheds');
  await page.getByRole('textbox', { name: 'Walk list' }).fill('tag,size\nA,1');
  await page.getByRole('button', { name: 'Check the list' }).click();
  await expect(page.getByRole('alert')).toContainText('line, medium, function are missing');
  await expect(page.getByRole('textbox', { name: 'Walk list' })).toHaveValue('tag,size\nA,1');
});
