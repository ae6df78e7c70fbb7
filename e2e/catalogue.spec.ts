import { expect, test } from '@playwright/test';
import { column, lookAround, openPosition, openWalk, strip } from './open.js';

test('a model is started from a tag, stands in the line-up of its size, and is retired again', async ({
  page,
}) => {
  await lookAround(page);
  await page.goto('/catalogue');
  await page.getByRole('button', { name: 'Add from a tag' }).click();
  await page.getByRole('textbox', { name: /Markings on tag or casting/ }).fill('3/4 600 CWP');
  await page.getByRole('button', { name: 'Create model' }).click();
  await page.getByRole('textbox', { name: 'Maker' }).fill('Fellside');
  await page.getByRole('textbox', { name: 'Model' }).fill('77');
  await page.getByLabel('Type', { exact: true }).selectOption('ball');
  await page.getByLabel('Port').selectOption('full');
  await page.getByRole('textbox', { name: 'Unit price 1' }).fill('17.50');
  await page.getByRole('button', { name: 'Save model' }).click();
  await expect(page.getByRole('heading', { name: 'Fellside 77' })).toBeVisible();

  await openWalk(page, 'Domestic cold');
  await strip(page).locator('[data-tag="CW-104"]').click();
  await page.getByRole('link', { name: 'Line-up' }).click();
  const added = column(page, 'Fellside 77');
  await expect(added).toBeVisible();
  // What it does not say is asked, and answered where it is asked.
  const at = await page
    .getByRole('columnheader')
    .evaluateAll((heads) => heads.findIndex((head) => head.getAttribute('data-model') === 'Fellside 77'));
  const question = page
    .getByRole('row', { name: /^Because/ })
    .getByRole('cell')
    .nth(at)
    .locator('[data-rule="unknown-approvals"]');
  await question.getByRole('combobox', { name: 'Answer' }).selectOption({ label: 'potable' });
  await expect(page.getByText('Entered for 1 model, not saved.')).toBeVisible();
  await page.getByRole('button', { name: 'Save to the catalogue' }).click();
  await expect(page.getByText('Saved: Fellside 77')).toBeVisible();

  await page.goto('/catalogue');
  await page.getByRole('link', { name: 'Fellside 77' }).click();
  await expect(page.getByRole('checkbox', { name: 'potable' })).toBeChecked();
  await page.getByRole('button', { name: 'Retire model' }).click();
  await expect(page.getByText('Fellside 77 retired')).toBeVisible();
});

test('the catalogue goes out as a sheet and comes back with a price changed and a row refused', async ({
  page,
}) => {
  await lookAround(page);
  await page.goto('/catalogue');
  const sheet = await (await page.request.get('/api/catalogue/catalogue.csv')).text();
  const changed = sheet.replace(/(Ostrand,21P[^\r]*,15,[^\r]*?,)14\.6,/, '$113.9,');
  expect(changed).not.toBe(sheet);
  await page.getByRole('button', { name: 'Import models' }).click();
  await page.locator('input[type=file]').setInputFiles({
    name: 'catalogue.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`${changed}\r\nFellside,5,spigot,${','.repeat(18)}20,,,9,`),
  });
  await expect(page.getByText(/0 to add, 1 to change/)).toBeVisible();
  await expect(page.getByText(/type: type is "spigot"/)).toBeVisible();
  await page.getByRole('button', { name: 'Import models' }).click();
  await expect(page.getByText('0 added, 1 changed')).toBeVisible();
  await page.getByRole('searchbox').fill('Ostrand 21P');
  await expect(page.getByRole('row', { name: /Ostrand 21P/ })).toContainText('$13.90');
});

test('two are ticked and compared; the sentence, the rows that differ and the curves are there', async ({
  page,
}) => {
  await openPosition(page, 'CW-107');
  await page.getByRole('checkbox', { name: 'Compare Ostrand 21P' }).check();
  await page.getByRole('checkbox', { name: 'Compare Kell & Vane 9S' }).check();
  await page.getByRole('link', { name: 'Compare 2 side by side' }).click();
  await expect(page.getByRole('list', { name: 'Summary' })).toContainText(/weakest part/);
  await expect(page.getByRole('img', { name: /these are rated for: .*Ostrand 21P/ })).toBeVisible();
  const rows = page.getByRole('rowheader');
  const all = await rows.count();
  await page.getByRole('checkbox', { name: 'only what differs' }).check();
  await expect.poll(() => rows.count()).toBeLessThan(all);
  await page.reload();
  await expect(page.getByRole('columnheader', { name: /Ostrand 21P/ })).toBeVisible();
});

test('one model is picked for many positions, where it fits each', async ({ page }) => {
  await openPosition(page, 'CW-111');
  await page.getByRole('button', { name: 'Pick Ostrand 21T' }).click();
  await page.getByRole('button', { name: 'Pick for more positions…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('searchbox').fill('Garden irrigation');
  // The positions of other lines come after the dialog.
  await expect(dialog.getByRole('checkbox').nth(1)).toBeVisible();
  await dialog.getByRole('button', { name: 'Tick all shown' }).click();
  const pick = dialog.getByRole('button', { name: /^Pick for \d+/ });
  await expect(pick).not.toHaveText(/^Pick for [01]\b/);
  const count = Number(/\d+/.exec(await pick.innerText())?.[0]);
  await pick.click();
  await expect(page.getByText(`Ostrand 21T picked for ${count} positions`)).toBeVisible();
});

test('a whole line by type opens the reasons of a cell', async ({ page }) => {
  await openPosition(page, 'CW-104');
  await page.getByRole('link', { name: 'Types for the whole line' }).click();
  await page.getByRole('button', { name: 'CW-110, gate, metal wedge: Ruled out' }).click();
  await expect(page.getByText(/a gate hangs loose in its guides/)).toBeVisible();
  await page.getByRole('link', { name: 'Line-up of CW-110' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Ticket hall basins' })).toBeVisible();
});

test('a job takes an option of its own, after what it would change was counted', async ({ page }) => {
  await lookAround(page);
  await page.goto('/house-rules');
  await page.getByLabel('Applies to', { exact: true }).selectOption({ label: 'Tarn Quay terminal only' });
  const rule = page.getByRole('group', { name: 'May a ball valve throttle?' });
  const change = rule.locator('xpath=..');
  await expect(change.getByText(/changes \d+ positions?\./)).toBeVisible();
  await change.getByText('Show the positions').click();
  await expect(change.getByRole('link', { name: 'CW-110' })).toBeVisible();
  await rule.getByRole('radio', { name: /^Never/ }).click();
  await expect(page.getByText(/Option saved\. Every position it affects was judged again\./)).toBeVisible();
  await rule.getByRole('radio', { name: /^Same as the company:/ }).click();
  await expect(rule.getByRole('radio', { name: /^Same as the company:/ })).toBeChecked();
});
