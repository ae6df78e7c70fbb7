import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type Page, expect, test } from '@playwright/test';
import { current, lookAround, strip } from './open.js';

// As a person finds it who never chose.
test.use({ storageState: { cookies: [], origins: [] } });

/** A job of its own with one line of fourteen positions, opened at the first of them. */
async function openEvening(page: Page, name: string): Promise<void> {
  await lookAround(page);
  const text = readFileSync(join(import.meta.dirname, 'fixtures/evening.csv'), 'utf8');
  const { id } = (await (await page.request.post('/api/jobs', { data: { name } })).json()) as { id: string };
  const rows = text
    .trim()
    .split('\n')
    .slice(1)
    .map((_row, at) => at + 2);
  const taken = await page.request.post(`/api/jobs/${id}/walk-list`, { data: { text, rows } });
  expect(taken.ok(), await taken.text()).toBe(true);
  const [line] = ((await taken.json()) as { lines: { id: string }[] }).lines;
  await page.goto(`/jobs/${id}/lines/${line?.id}/line-up/EV-01`);
  await expect(strip(page).getByRole('link')).toHaveCount(rows.length);
}

test('a line-up starts with types, says what to ask and until when it holds, and a tap answers', async ({
  page,
}) => {
  await openEvening(page, 'Quay sheds');
  await strip(page).locator('[data-tag="EV-05"]').click();
  await expect(current(page)).toHaveAttribute('data-tag', 'EV-05');
  const heads = page.getByRole('columnheader');
  await expect(heads.first()).toBeVisible();
  const types = await heads.count();
  await page
    .getByRole('button', { name: /show its \d+ models/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: '‹ All types' })).toBeVisible();
  await page.getByRole('button', { name: '‹ All types' }).click();
  await expect(heads).toHaveCount(types);
  await expect(page.getByText(/so far$/).first()).toBeVisible();
  await expect(page.getByRole('list', { name: /Until when the verdict on/ }).first()).toContainText('then');
  const ask = page.getByRole('region', { name: 'Ask first' });
  const first = ask.getByRole('group').first();
  const name = await first.getAttribute('aria-label');
  await first.getByRole('button').first().click();
  await expect(page.getByText('EV-05: duty changed')).toBeVisible();
  await expect(ask.getByRole('group', { name: name ?? '', exact: true })).toHaveCount(0);
});

test('an evening: fourteen positions of a new line are picked with three keystrokes each', async ({
  page,
}) => {
  await openEvening(page, 'Quay sheds in the evening');
  let strokes = 0;
  const press = async (key: string): Promise<void> => {
    await page.keyboard.press(key);
    strokes += 1;
  };
  for (let place = 1; place <= 14; place += 1) {
    const tag = `EV-${String(place).padStart(2, '0')}`;
    await expect(current(page)).toHaveAttribute('data-tag', tag);
    await expect(page.getByRole('columnheader').first()).toBeVisible();
    await press('Enter');
    await expect(page.getByRole('textbox', { name: 'Because' })).toBeFocused();
    await press('Control+Enter');
    await expect(page.getByText(new RegExp(`^${tag}: .*picked`))).toBeVisible();
    await press('ArrowRight');
  }
  expect(strokes).toBeLessThanOrEqual(14 * 4);
  await expect(page.getByText(/14 positions, 14 picked/)).toBeVisible();
});
