import { expect, test } from '@playwright/test';
import { column, openPosition, tray, type } from './open.js';

test('at 90 °C the nylon-seated ball goes to the tray at once, with its reason', async ({ page }) => {
  await openPosition(page, 'CW-110');
  await page.getByRole('button', { name: 'function:' }).click();
  await page.getByRole('menuitem', { name: 'Shut off', exact: true }).click();
  await type(page, 'temperature', '10 °C');
  await expect(column(page, 'Brindlow 14N')).toBeVisible();
  await type(page, 'temperature', '90 °C');
  await expect(column(page, 'Brindlow 14N')).toBeHidden();
  const inTray = tray(page).locator('[data-model="Brindlow 14N"]');
  await expect(inTray).toContainText('nylon seat swells');
  await expect(inTray).toContainText('194 °F, limit 176 °F');
});

test('ball, gate and globe stand under moving cutaways; one handle moves all columns and the figures', async ({
  page,
}) => {
  await openPosition(page, 'CW-107');
  for (const model of ['Ostrand 21P', 'Ostrand 12P', 'Kell & Vane 6S', 'Kell & Vane 9S']) {
    await expect(column(page, model).getByRole('img')).toHaveAttribute('aria-label', /handle 100 % open/);
  }
  const drop = page
    .getByRole('row', { name: /^Loss at/ })
    .getByRole('cell')
    .first();
  const open = await drop.innerText();
  await page.getByRole('slider', { name: 'Handle' }).focus();
  for (let step = 0; step < 7; step += 1) await page.keyboard.press('PageDown');
  await expect(page.getByRole('rowheader', { name: 'Loss at 30 %' })).toBeVisible();
  for (const model of ['Ostrand 21P', 'Kell & Vane 6S']) {
    await expect(column(page, model).getByRole('img')).toHaveAttribute('aria-label', /handle 30 % open/);
  }
  await expect(drop).not.toHaveText(open);
  await page.keyboard.press('Home');
  await expect(drop).toContainText('0 gpm');
});

test('a butterfly stands in the line-up of a large line', async ({ page }) => {
  await openPosition(page, 'CW-112');
  await expect(column(page, 'Saltholm R16')).toContainText('Butterfly, rubber seat');
});

test('the weakest part is named with its rating, and what is out keeps its reason in sight', async ({
  page,
}) => {
  await openPosition(page, 'CW-104');
  const at = await page
    .getByRole('columnheader')
    .evaluateAll((heads) => heads.findIndex((head) => head.getAttribute('data-model') === 'Ostrand 21P'));
  await expect(
    page
      .getByRole('row', { name: /^Weakest part/ })
      .getByRole('cell')
      .nth(at),
  ).toHaveText(/200 psi press joint/);
  await expect(tray(page).locator('[data-model="Brindlow 8T"]')).toContainText(
    'Not approved for drinking water',
  );
  await expect(tray(page)).toContainText(/models are not made in ¾ in.*Saltholm R16/);
});

test('the decision is on one screen at 1280 by 800, from the cutaway to the price', async ({ page }) => {
  await openPosition(page, 'CW-104');
  await expect(page.getByRole('rowheader', { name: 'Holds until' })).toBeVisible();
  await expect(page.getByText('then ruled out').first()).toBeVisible();
  // Once everything is there: what comes last pushes the rows down.
  await page.waitForLoadState('networkidle');
  await expect(page.getByRole('rowheader', { name: 'Price, life' })).toBeInViewport({ ratio: 0.2 });
});
