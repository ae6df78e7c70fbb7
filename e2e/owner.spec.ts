import { type Page, expect, test } from '@playwright/test';
import { lookAround } from './open.js';

/** A job of its own with one valve that does not turn. @returns the address of its line */
async function ownLine(page: Page, name: string): Promise<string> {
  const { request } = page;
  const { id } = (await (await request.post('/api/jobs', { data: { name } })).json()) as { id: string };
  await request.post(`/api/jobs/${id}/walk-list`, {
    data: {
      text: 'tag,line,medium,function,size,pressure,temperature,pipe\nOW-1,Cold,cold water,isolate,3/4,60 psi,50 F,copper',
      rows: [2],
    },
  });
  const { lines } = (await (await request.get(`/api/jobs/${id}/walk`)).json()) as {
    lines: { id: string; positions: { id: string }[] }[];
  };
  const [line] = lines;
  const position = line?.positions[0]?.id ?? '';
  await request.post(`/api/positions/${position}/entries`, {
    data: {
      id: crypto.randomUUID(),
      kind: 'found',
      text: '',
      found: { type: 'gate-solid', turning: 'seized' },
      happenedAt: new Date().toISOString(),
    },
  });
  return `/jobs/${id}/lines/${line?.id ?? ''}`;
}

/** Makes the page. @returns its link */
async function makePage(page: Page, line: string): Promise<string> {
  await page.goto(`${line}/owner/OW-1`);
  await expect(page.getByRole('textbox', { name: 'What was found' })).toHaveValue(/does not turn/);
  for (const parts of await page.getByRole('textbox', { name: /^Parts beside/ }).all())
    await parts.fill('8.50');
  await page.getByRole('button', { name: 'Make the link' }).click();
  const link = page.getByText(/\/owner#/);
  await expect(link).toBeVisible();
  return (await link.textContent()) ?? '';
}

test('an owner opens the link on a phone without signing in, moves the handle, accepts: it is picked and on the order', async ({
  page,
  browser,
}) => {
  await lookAround(page);
  const line = await ownLine(page, 'Owner accepts');
  const link = await makePage(page, line);
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, storageState: undefined });
  const owner = await phone.newPage();
  await owner.goto(link);
  await expect(
    owner.getByText('The valve does not turn, so that nothing can be shut off here.'),
  ).toBeVisible();
  await owner.getByRole('slider', { name: 'Move the handle' }).press('Home');
  await expect(owner.getByRole('slider', { name: 'Move the handle' })).toHaveAttribute(
    'aria-valuetext',
    '0 % open',
  );
  await owner.getByRole('radio').first().check();
  await owner.getByLabel('Your name').fill('Tilda Brook');
  await owner.getByRole('button', { name: 'Send decision' }).click();
  await owner.getByRole('button', { name: /^Press again to order for \$/ }).click();
  await expect(owner.getByText(/^Tilda Brook accepted on /)).toBeVisible();
  await owner.goto('/');
  await expect(owner.getByRole('button', { name: /^owner at/ })).toHaveCount(0);
  await phone.close();

  await page.reload();
  await expect(
    page.getByText(/^Tilda Brook accepted option 1 .* picked, and put on the order$/),
  ).toBeVisible();
  await page.goto(`${line.split('/lines/')[0]}/orders`);
  await expect(page.getByText('Accepted by Tilda Brook')).toBeVisible();
});

test('refused it is written at the valve, and a withdrawn link opens nothing', async ({ page, browser }) => {
  await lookAround(page);
  const line = await ownLine(page, 'Owner refuses');
  const link = await makePage(page, line);
  const other = await browser.newContext({ storageState: undefined });
  const owner = await other.newPage();
  await owner.goto(link);
  await owner.getByRole('radio', { name: /^None of it/ }).check();
  await owner.getByLabel('Your name').fill('Tilda Brook');
  await owner.getByRole('button', { name: 'Send decision' }).click();
  await owner.getByRole('button', { name: 'Press again: leave it as it is' }).click();
  await expect(owner.getByText(/^Tilda Brook decided on .* to leave it as it is\.$/)).toBeVisible();
  await page.goto(`${line}/log/OW-1`);
  await expect(
    page.getByText(/^Tilda Brook was told, and wants nothing done: The valve does not turn/),
  ).toBeVisible();
  await page.goto(`${line}/owner/OW-1`);
  await page.getByRole('button', { name: 'Withdraw' }).click();
  await expect(page.getByText(/withdrawn /)).toBeVisible();
  await owner.reload();
  await expect(owner.getByText(/was withdrawn or has run out/)).toBeVisible();
  await other.close();
});
