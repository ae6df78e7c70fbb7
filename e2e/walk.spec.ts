import { type Page, expect, test } from '@playwright/test';
import { current, lookAround, openBoard, openWalk, stays, strip, undo } from './open.js';

const row = (page: Page, name: string) => page.getByRole('treeitem', { name }).first();
const field = (page: Page) => page.getByRole('textbox', { name: 'Type what comes next' });

test.beforeEach(({ page }) => lookAround(page));

test('a line is begun and walked from its source: strip, outline and plan follow what is typed', async ({
  page,
}) => {
  await openBoard(page);
  await page.getByRole('button', { name: 'Add line' }).click();
  await page.getByRole('textbox', { name: 'New line' }).fill('Net loft cold');
  await page.getByRole('button', { name: 'Add line' }).first().click();
  await expect(page.getByText('No valve on this line yet.')).toBeVisible();
  await field(page).fill('3/4 copper 20 ft, ball 3/4: loft shut-off, behind the door, tee: Washroom');
  await field(page).press('Enter');
  await expect(page.getByText('3 items added')).toBeVisible();
  await field(page).fill('1/2 copper 6 ft, gate 1/2, basin x2: Washroom');
  await field(page).press('Tab');
  await field(page).press('Enter');
  await expect(row(page, 'Basin ×2')).toHaveAttribute('aria-level', '2');
  await expect(strip(page).locator('[data-tag]')).toHaveCount(2);
  await expect(strip(page)).toContainText('Loft shut-off');
  await row(page, 'Basin ×2').click();
  await expect(page.getByRole('heading', { name: /^Close / })).toBeVisible();
  await expect(page.getByText(/Out of service: Washroom/)).toBeVisible();
});

test('items move and go by keys, and come back with Undo', async ({ page }) => {
  await openWalk(page, 'Garden irrigation');
  const names = (): Promise<string[]> => page.getByRole('treeitem').locator('b').allTextContents();
  const before = await names();
  const choose = async (name: string): Promise<void> => {
    await row(page, name).click();
    await expect(row(page, name)).toHaveAttribute('aria-selected', 'true');
  };
  await choose('Flower beds');
  const tree = page.getByRole('tree');
  await tree.press('Alt+ArrowUp');
  await stays(page, 'Flower beds: moved');
  await expect
    .poll(async () => (await names()).indexOf('Flower beds'))
    .toBe(before.indexOf('Flower beds') - 1);
  await undo(page, 'Flower beds: moved');
  await expect.poll(names).toEqual(before);
  await choose('Flower beds');
  await tree.press('Delete');
  await stays(page, 'Flower beds: removed');
  await expect(page.getByRole('treeitem', { name: 'IR-103' })).toHaveCount(0);
  await undo(page, 'Flower beds: removed');
  await expect.poll(names).toEqual(before);
});

test('a row is dragged past another with all that hangs on it', async ({ page }) => {
  await openWalk(page, 'Garden irrigation');
  const names = (): Promise<string[]> => page.getByRole('treeitem').locator('b').allTextContents();
  const before = await names();
  const onto = before.indexOf('Flower beds') - 1;
  const from = await row(page, 'Flower beds').boundingBox();
  const to = await page.getByRole('treeitem').nth(onto).boundingBox();
  if (!from || !to) throw new Error('a row is not in sight');
  await page.mouse.move(from.x + 60, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 60, from.y, { steps: 4 });
  await page.mouse.move(to.x + 60, to.y + to.height / 2, { steps: 8 });
  await page.mouse.up();
  await stays(page, 'Flower beds: moved');
  await expect.poll(async () => (await names()).indexOf('Flower beds')).toBe(onto);
  await undo(page, 'Flower beds: moved');
  await expect.poll(names).toEqual(before);
});

test('without a network what is typed is on the screen, waits on the device, and is made once there is one', async ({
  page,
  context,
}) => {
  await openWalk(page, 'Garden irrigation');
  const valves = await strip(page).locator('[data-tag]').count();
  await context.setOffline(true);
  await row(page, 'Flower beds').click();
  for (const typed of ['ball 3/4: Rose bed', 'ball 3/4: Herb bed']) {
    await field(page).fill(typed);
    await field(page).press('Enter');
    await expect(row(page, typed.slice(-8))).toBeVisible();
  }
  await expect(page.getByText(/^2 entries are stored on this device/)).toBeVisible();
  await context.setOffline(false);
  await expect(strip(page).locator('[data-tag]')).toHaveCount(valves + 2);
  await expect(page.getByText(/stored on this device/)).toHaveCount(0);
});

test('several pasted lines go in with their branches', async ({ page }) => {
  await openWalk(page, 'Garden irrigation');
  await page.getByRole('treeitem').last().click();
  await field(page).focus();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text', 'tee: Orchard\n  3/4 pvc 40 ft\n  hose bibb x2: Orchard');
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await field(page).press('Enter');
  await expect(row(page, 'Orchard')).toBeVisible();
  await expect(page.getByRole('treeitem', { name: 'Hose bibb ×2 Orchard' })).toHaveAttribute(
    'aria-level',
    '2',
  );
});

test('a burst is tapped on the plan and answered in words', async ({ page }) => {
  await openWalk(page, 'Domestic cold');
  await page.locator('svg g', { hasText: 'Bakery café' }).last().click();
  await expect(page.getByRole('heading', { name: 'Close CW-102' })).toBeVisible();
  await expect(page.getByText(/CW-103 is seized open; do not rely on it/)).toBeVisible();
  await expect(page.getByText(/If CW-103 were replaced, you would close CW-103/)).toBeVisible();
});

test('what is found is written down, shows on the strip, and moves the isolation answer', async ({
  page,
}) => {
  await openWalk(page, 'Heating');
  await strip(page).locator('[data-tag="HT-104"]').click();
  await expect(current(page)).toHaveAttribute('data-tag', 'HT-104');
  await page.getByRole('group', { name: 'Does it turn?' }).getByRole('button', { name: 'seized' }).click();
  await page.getByRole('button', { name: 'Save and next' }).click();
  await expect(page.getByText('HT-104: entry saved')).toBeVisible();
  await page.getByRole('treeitem', { name: 'Radiator ×3' }).click();
  await expect(page.getByText(/HT-104 is seized open; do not rely on it/)).toBeVisible();
});

test('a photo is scaled, kept and shown', async ({ page }) => {
  await openWalk(page, 'Quay wash-down');
  const photo = await page.screenshot();
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'casting.png', mimeType: 'image/png', buffer: photo });
  const shown = page.getByRole('img', { name: /^Photo 1 of WD-/ });
  await expect(shown).toBeVisible();
  await expect
    .poll(() => shown.evaluate((image: HTMLImageElement) => image.naturalWidth))
    .toBeGreaterThan(100);
});

test('a job goes out as one file and comes back under another name', async ({ page }) => {
  await openBoard(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export job' }).click();
  const stream = await (await download).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  const archive = JSON.parse(Buffer.concat(chunks).toString()) as { job: string };
  await page.goto('/');
  const bring = page.getByRole('button', { name: 'Import job' }).locator('input');
  await bring.setInputFiles({
    name: 'job.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...archive, job: 'Terminal again' })),
  });
  await expect(page.getByRole('link', { name: 'Terminal again', exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Next on this job' })).toBeVisible();
  await page.goto('/');
  await bring.setInputFiles({
    name: 'job.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"other"}'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'format' })).toBeVisible();
});

test('a side taken in a house rule changes what the walk says', async ({ page }) => {
  await page.goto('/house-rules');
  await page.getByRole('radio', { name: /Exercise every gate/ }).click();
  await expect(page.getByText('Option saved.')).toBeVisible();
  await openWalk(page, 'Domestic cold');
  await strip(page).locator('[data-tag="CW-111"]').click();
  await expect(page.getByText(/Do not operate\./)).toHaveCount(0);
  await page.goto('/house-rules');
  await page.getByRole('radio', { name: /Do not operate it when it is seized/ }).click();
});
