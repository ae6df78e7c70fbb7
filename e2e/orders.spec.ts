import { type Page, expect, test } from '@playwright/test';
import ExcelJS from 'exceljs';
import { lookAround, notice, openWalk, undo, walkTo } from './open.js';

const order = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
const step = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Steps of this line' })
    .getByRole('link', { name, exact: true })
    .click();

/** Puts the orders of the demo job back as they were: nothing on order that was not received. */
async function clearDrafts(page: Page): Promise<void> {
  const jobs = (await (await page.request.get('/api/jobs')).json()) as { id: string; name: string }[];
  const { id } = jobs.find(({ name }) => name === 'Tarn Quay terminal')!;
  const { orders } = (await (await page.request.get(`/api/jobs/${id}/orders`)).json()) as {
    orders: { state: string; lines: { id: string }[] }[];
  };
  const ids = orders
    .filter(({ state }) => state === 'draft')
    .flatMap(({ lines }) => lines.map((line) => line.id));
  if (ids.length > 0) await page.request.delete(`/api/jobs/${id}/orders/lines`, { data: { ids } });
}

test.beforeEach(({ page }) => lookAround(page));
test.afterEach(({ page }) => clearDrafts(page));

test('the hook-up follows pipe and place, its card carries a code, and Undo takes a choice back', async ({
  page,
}) => {
  await walkTo(page, 'CW-104');
  await step(page, 'Hook-up');
  const supply = page.getByRole('region', { name: 'Supply side' });
  await expect(supply.getByRole('radio', { name: /soldered With care/ })).toBeChecked();
  await page.getByRole('checkbox', { name: 'no torch here' }).click();
  await expect(supply.getByRole('alert')).toContainText('No connection method is left here');
  await undo(page, 'CW-104: hook-up saved');
  await expect(supply.getByRole('radio', { name: /soldered With care/ })).toBeChecked();
  await expect(notice(page, 'CW-104: hook-up saved')).toHaveCount(0);
  await supply.getByRole('combobox', { name: /^Pipe/ }).selectOption('pex');
  await expect(page.getByRole('img', { name: /The parts in order.*adapter/ })).toBeVisible();
  await undo(page, 'CW-104: hook-up saved');
  await expect(page.getByRole('button', { name: 'Reset to the duty' })).toBeHidden();
  await page.getByRole('link', { name: 'Install card' }).click();
  await expect(page.getByRole('img', { name: 'Scan to open this position' })).toBeVisible();
  await expect(page.getByRole('article')).toContainText('Prove the line dead');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'from its source' })).toBeHidden();
});

test('from a pick to a received order: said in full, priced by two suppliers, sent, and the wrong casting sent back', async ({
  page,
}) => {
  await walkTo(page, 'CW-103');
  await page.getByRole('button', { name: 'Pick Ostrand 21P' }).click();
  await page.getByRole('button', { name: 'Pick valve' }).click();
  await expect(page.getByRole('button', { name: 'Remove pick' })).toBeVisible();
  await step(page, 'Hook-up');
  await expect(page.getByRole('radio', { name: /pressed Fits/ }).first()).toBeChecked();
  await page.getByRole('link', { name: 'Order line' }).click();
  await expect(page.getByText('Complete')).toBeVisible();
  await page.getByRole('combobox', { name: 'Operator' }).selectOption('locking lever');
  await expect(
    page.getByText(/3\/4 in ball valve, press x press.*locking lever, 600 CWP, potable/),
  ).toBeVisible();
  await page.getByRole('spinbutton', { name: 'Qty' }).fill('2');
  await page.getByRole('button', { name: 'Add to order' }).click();
  await expect(page.getByText('CW-103: 1 line added, price not known yet')).toBeVisible();
  await page.getByRole('link', { name: 'Orders of the job' }).click();
  await page.getByRole('checkbox', { name: 'All lines of No supplier yet' }).click();
  await page.getByText('Practice faults').click();
  await page.getByRole('combobox', { name: /Fault/ }).selectOption('supplier busy');
  await page.getByRole('button', { name: 'Request quotes for 1 line' }).click();
  await expect(page.getByText(/Bramfold Trade no answer: The supplier is busy/)).toBeVisible();
  await page.getByRole('combobox', { name: /Fault/ }).selectOption('none');
  await page.getByRole('button', { name: 'Request quotes for 1 line' }).click();
  const answers = order(page, 'Compare quotes');
  await expect(answers.getByText(/substitute: 3\/4 in ball valve.*full port, brass/)).toBeVisible();
  await expect(answers.getByText(/at CW-103/)).toBeVisible();
  await expect(answers.getByText(/differs in body; does not state lead-free, approval/)).toBeVisible();
  await answers.getByRole('button', { name: /^Accept Quillside Supply for/ }).click();
  const placed = order(page, 'Quillside Supply').last();
  await placed.getByRole('button', { name: 'Send' }).click();
  await expect(placed).toContainText('sent');
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await placed.getByRole('button', { name: /^Receive/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox', { name: /casting/ }).fill('3/4 400 WOG DZR LF');
  await expect(dialog).toContainText('Rating: ordered 600 CWP, received 400 CWP');
  await dialog.getByRole('spinbutton', { name: 'Qty received' }).fill('1');
  await dialog.getByRole('button', { name: 'Return' }).click();
  await expect(placed).toContainText('0 of 2');
  for (const come of ['1 of 2', '2 of 2']) {
    await placed.getByRole('button', { name: /^Receive/ }).click();
    await dialog.getByRole('spinbutton', { name: 'Qty received' }).fill('1');
    await dialog.getByRole('textbox', { name: /casting/ }).fill('3/4 600 WOG DZR LF');
    await expect(dialog).toContainText('agrees');
    await dialog.getByRole('button', { name: 'Accept' }).click();
    await expect(placed).toContainText(come);
  }
  await expect(placed.getByText('received', { exact: true })).toBeVisible();
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/');
  await walkTo(page, 'CW-103');
  await page.getByRole('button', { name: 'Remove pick' }).click();
  await expect(page.getByRole('button', { name: 'Pick Ostrand 21P' })).toBeVisible();
});

test('the sheet goes out as XLSX, CSV and PDF, and comes back with what was changed in it', async ({
  page,
}) => {
  await walkTo(page, 'CW-101');
  await step(page, 'Order');
  await page.getByRole('button', { name: 'Add to order' }).click();
  await page.getByRole('link', { name: 'Orders of the job' }).click();
  const download = async (name: string): Promise<Buffer> => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name }).click(),
    ]);
    const parts: Buffer[] = [];
    for await (const part of await file.createReadStream()) parts.push(part as Buffer);
    return Buffer.concat(parts);
  };
  expect((await download('PDF')).subarray(0, 5).toString()).toBe('%PDF-');
  expect((await download('CSV')).toString()).toContain('CW-101');
  const book = new ExcelJS.Workbook();
  await book.xlsx.load((await download('XLSX')) as unknown as ArrayBuffer);
  const sheet = book.worksheets[0]!;
  const columnOf = (name: string): number => (sheet.getRow(1).values as string[]).indexOf(name);
  sheet.eachRow((row) => {
    if (row.getCell(columnOf('State')).text === 'draft') row.getCell(columnOf('Quantity')).value = 6;
  });
  await page.getByRole('button', { name: 'Import order sheet' }).click();
  await page.locator('input[accept=".xlsx"]').setInputFiles({
    name: 'sheet.xlsx',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from(await book.xlsx.writeBuffer()),
  });
  await expect(page.getByText('qty 1 → 6')).toBeVisible();
  await page.getByRole('button', { name: 'Import 1 change' }).click();
  await expect(order(page, 'No supplier yet')).toContainText('6');
});

test('two thousand lines come with a progress bar, and a cancelled list leaves no trace', async ({
  page,
}) => {
  await openWalk(page, 'Gas');
  await page.goto(`${new URL(page.url()).pathname.split('/lines')[0]!}/orders`);
  const list = Array.from(
    { length: 2000 },
    (_, at) => `${(at % 9) + 1}   3/4" ball valve SWT full port, DZR, PTFE seats, lever, 600 WOG, potable`,
  ).join('\n');
  const bring = async (): Promise<void> => {
    await page.getByRole('button', { name: 'Import parts list' }).click();
    await page
      .locator('input[accept^=".txt"]')
      .setInputFiles({ name: 'list.txt', mimeType: 'text/plain', buffer: Buffer.from(list) });
    await expect(page.getByRole('textbox', { name: 'Parts list' })).toHaveValue(list);
    await page.getByRole('button', { name: 'Read list' }).click();
  };
  await bring();
  await expect(page.getByRole('progressbar')).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Cancelled: nothing was added.')).toBeVisible();
  await page.reload();
  await expect(order(page, 'No supplier yet')).toBeHidden();
  await bring();
  await page.getByRole('button', { name: 'Add 2000 lines to order' }).click();
  await expect(page.getByText('2000 lines added')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Show all 2000 lines' })).toBeVisible();
});
