import { expect, test } from '@playwright/test';
import { lookAround } from './open.js';

test('Spanish is chosen in the menu, at once and without a reload, and is there after one', async ({
  page,
}) => {
  await lookAround(page);
  let loads = 0;
  page.on('load', () => (loads += 1));
  await page.getByRole('button', { name: / at / }).click();
  await page.getByRole('button', { name: 'Español' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Obra nueva')).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'es');
  expect(loads).toBe(0);
  await page.reload();
  await expect(page.getByText('Obra nueva')).toBeVisible();
});

test.describe('in a browser that reads Spanish', () => {
  test.use({ locale: 'es-MX' });

  test('a walk is typed from nothing in Spanish, up to the emergency answer on a phone', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Abrir la empresa de prueba' }).click();
    await expect(page.getByRole('heading', { level: 1, name: /^Tarnside/ })).toBeVisible();
    await page.getByRole('textbox', { name: 'Nombre', exact: true }).fill('Obra del muelle');
    await page.getByRole('button', { name: 'Crear obra' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Obra del muelle' })).toBeVisible();
    await page.getByRole('textbox', { name: 'Línea nueva' }).fill('Agua fría');
    await page.getByRole('button', { name: 'Agregar línea' }).first().click();
    const field = page.getByRole('textbox', { name: 'Escriba lo que sigue' });
    await field.fill('cobre 3/4 12 pies, llave de bola 3/4, lavabo x2');
    await field.press('Enter');
    await page.getByRole('treeitem', { name: 'Lavabo ×2' }).click();
    await expect(page.getByRole('heading', { name: 'Cierre CW-101' })).toBeVisible();
    await expect(page.getByText(/Sin servicio:/)).toBeVisible();
    await page.setViewportSize({ width: 390, height: 844 });
    await page.getByRole('link', { name: 'Emergencia' }).click();
    await page.getByRole('button', { name: 'Lavabo ×2' }).click();
    await expect(page.getByRole('heading', { name: 'Cierre CW-101' })).toBeVisible();
  });
});
