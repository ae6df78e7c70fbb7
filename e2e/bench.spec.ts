import { type Locator, type Page, expect, test } from '@playwright/test';
import { openPosition, openWalk, lookAround } from './open.js';

const finding = (page: Page): Locator => page.getByRole('region', { name: 'Finding' });
const bench = (page: Page): Locator => page.getByRole('link', { name: 'Bench', exact: true }).first();

/** Drags the handle a quarter turn in so many moves. */
async function shut(page: Page, moves: number, eachMs: number): Promise<void> {
  const handle = page.getByRole('slider', { name: 'Handle' });
  await handle.scrollIntoViewIfNeeded();
  const at = await handle.boundingBox();
  if (!at) throw new Error('there is no handle');
  const [x, y, r] = [at.x + at.width / 2, at.y + at.height / 2, at.width / 3];
  await page.mouse.move(x + r, y);
  await page.mouse.down();
  for (let move = 1; move <= moves; move += 1) {
    const angle = (move / moves) * 1.7;
    await page.mouse.move(x + r * Math.cos(angle), y + r * Math.sin(angle));
    await page.waitForTimeout(eachMs);
  }
  await page.mouse.up();
  await expect(handle).toHaveAttribute('aria-valuenow', '0');
}

test('shut the booster’s valve yourself, hear what it did, and write it to the position', async ({
  page,
}) => {
  await openPosition(page, 'CW-105');
  await bench(page).click();
  await page
    .getByRole('combobox', { name: 'Valve on the bench' })
    .selectOption({ label: 'Ostrand 21L: Ball, full port' });
  await expect(finding(page)).toContainText(/Closed in 0\.\d+ s, water hammer stays under/);
  await page.getByRole('button', { name: 'Close by hand' }).click();
  await shut(page, 2, 10);
  await expect(page.getByText(/^You closed it in 0\.\d+ s\.$/)).toBeVisible();
  await expect(finding(page)).toContainText(/exceeds the rating of the stop or hose of this line/);
  await expect(finding(page)).toContainText(/Close it in at least 0\.\d+ s/);
  await page.getByRole('button', { name: 'Open it again' }).click();
  await shut(page, 20, 60);
  await expect(finding(page)).toContainText(
    /water hammer stays under the rating of the stop or hose of this line/,
  );
  await page.getByRole('button', { name: 'Play' }).click();
  await page.getByRole('button', { name: 'Save finding at CW-105' }).click();
  await expect(page.getByText('Finding saved in the log of CW-105')).toBeVisible();

  await page.getByRole('link', { name: 'Line-up', exact: true }).click();
  const found = page.getByRole('region', { name: 'Found on the bench' });
  await expect(found).toContainText(
    /Ostrand 21L: Closed in [\d.]+ s, water hammer stays under the rating of the stop or hose of this line/,
  );
  await found.getByRole('link', { name: 'Open inputs' }).click();
  await expect(page.getByText(/^You closed it in/)).toBeVisible();
  await page.goBack();
  await found.getByRole('button', { name: 'Undo' }).click();
  await expect(found).toBeHidden();
});

test('a link reproduces the case whoever opens it, and the plot comes as rows and as a picture', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openPosition(page, 'CW-107');
  await bench(page).click();
  const sentence = finding(page).locator('p');
  const before = (await sentence.textContent()) ?? '';
  const flow = page.getByRole('textbox', { name: 'Flow before closing' });
  await flow.fill('18 gpm');
  await flow.press('Enter');
  await expect(sentence).not.toHaveText(before);
  const said = await sentence.textContent();
  await page.getByRole('button', { name: 'Copy link to these inputs' }).click();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  for (const [kind, begins] of [
    ['CSV', 'time s,pressure Pa,flow m3/s'],
    ['SVG', '<svg'],
    ['PNG', '\x89PNG'],
  ] as const) {
    const download = page.waitForEvent('download');
    await page
      .getByRole('group', { name: 'Export: At the valve' })
      .getByRole('button', { name: kind })
      .click();
    const file = await (await download).createReadStream();
    const chunks: Buffer[] = [];
    for await (const chunk of file) chunks.push(chunk as Buffer);
    expect(Buffer.concat(chunks).toString('latin1', 0, begins.length)).toBe(begins);
  }
  const other = await context.newPage();
  await other.goto(link);
  await expect(other.getByRole('textbox', { name: 'Flow before closing' })).toHaveValue('18 gpm');
  await expect(finding(other).locator('p')).toHaveText(said ?? '');
});

test('try every type through the pipe and the next sizes, and stop it', async ({ page }) => {
  await openPosition(page, 'CW-112');
  await bench(page).click();
  const sweep = page.getByRole('region', { name: 'Closing time by type and pipe' }).first();
  await sweep.getByRole('button', { name: 'Calculate all' }).click();
  await expect(sweep.getByRole('progressbar').or(sweep.getByRole('button', { name: 'CSV' }))).toBeVisible();
  await expect(sweep.getByRole('row')).toHaveCount(16);
  await expect(sweep.getByRole('columnheader', { name: 'At least' })).toBeVisible();
});

test('see nine checks stop with one pump, upright too, and which size the flow holds open', async ({
  page,
}) => {
  await lookAround(page);
  await openWalk(page, 'Lift station main');
  await bench(page).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Check closure' })).toBeVisible();
  await expect(page.getByText('Fully open from')).toHaveCount(9);
  const drawing = page.getByRole('img', { name: /^ball check valve cut open/ });
  await expect(drawing).toHaveAccessibleName(/held \d+ % open/);
  const standing = await drawing.getAttribute('aria-label');
  await page.getByRole('slider', { name: 'Time' }).fill('1');
  await expect(drawing).toHaveAccessibleName(/held 0 % open/);
  expect(standing).not.toContain('held 0 %');
  await page.getByRole('textbox', { name: 'Length of main downstream' }).fill('20 ft');
  await page.getByRole('textbox', { name: 'Length of main downstream' }).press('Enter');
  await expect(page.getByText(/slams ·/).first()).toBeVisible();
});

test('the purge card of the riser prints on one page', async ({ page }) => {
  await lookAround(page, 'foreman');
  await openWalk(page, 'Gas');
  await bench(page).click();
  await expect(finding(page)).toContainText('too small for its appliances');
  await page.getByRole('link', { name: 'Purge card' }).click();
  const card = page.getByRole('article', { name: 'Purge card' });
  await expect(card).toContainText('Open the riser valve fully and leave it fully open');
  await page.getByRole('switch', { name: 'Riser valve has an insulated joint' }).click();
  await expect(card).toContainText('Insulated union');
  const pdf = (await page.pdf({ format: 'Letter' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});

test('the hall’s radiators: an area from the tape changes its stop, and stays in the address', async ({
  page,
}) => {
  await lookAround(page);
  await openWalk(page, 'Customs hall steam');
  await bench(page).click();
  const row = page.getByRole('row', { name: /ST-106/ });
  await expect(row).toContainText('fine enough');
  const before = await row.textContent();
  const area = page.getByRole('textbox', { name: 'Radiation ST-106' });
  await area.fill('40 ft2');
  await area.press('Enter');
  await expect(row).not.toHaveText(before ?? '');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Radiation ST-106' })).toHaveValue('40 sq ft EDR');
  await page.getByRole('button', { name: 'metric units' }).click();
  await expect(page.getByRole('textbox', { name: 'Radiation ST-106' })).toHaveValue('3.72 m² EDR');
  await expect(page.getByRole('main')).not.toContainText(/psi|ft²|w\.c\./);
});

test('on a phone the handle comes first, and nothing runs off the side', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openPosition(page, 'CW-105', 'technician');
  await bench(page).click();
  for (const name of [
    'Hammer',
    'Control',
    'Check closure',
    'Ball in dirty water',
    'Gate part open',
    'Narrowed port',
  ]) {
    await page.getByRole('navigation', { name: 'Simulations' }).getByRole('link', { name }).click();
    await expect(finding(page)).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), name).toBeLessThanOrEqual(390);
  }
  await page.getByRole('navigation', { name: 'Simulations' }).getByRole('link', { name: 'Hammer' }).click();
  await page.getByRole('button', { name: 'Close by hand' }).click();
  await expect(page.getByRole('slider', { name: 'Handle' })).toBeInViewport();
});
