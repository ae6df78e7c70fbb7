import { expect, test } from '@playwright/test';
import { openPosition } from './open.js';

// As a person finds it who never chose.
test.use({ storageState: { cookies: [], origins: [] } });

test('a line-up starts with types, says what to ask and until when it holds, and a tap answers', async ({
  page,
}) => {
  await openPosition(page, 'CW-107');
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
  await expect(page.getByText('CW-107: duty changed')).toBeVisible();
  await expect(ask.getByRole('group', { name: name ?? '', exact: true })).toHaveCount(0);
});

test('five positions are picked with four taps each at most', async ({ page }) => {
  for (const tag of ['CW-103', 'CW-105', 'CW-107', 'CW-108', 'CW-110']) {
    await openPosition(page, tag);
    let taps = 0;
    const tap = async (name: RegExp): Promise<void> => {
      await page.getByRole('button', { name }).first().click();
      taps += 1;
    };
    await expect(page.getByRole('columnheader').first()).toBeVisible();
    await tap(/^Pick (?!for)/);
    await tap(/^Pick valve$/);
    await expect(page.getByText(new RegExp(`^${tag}: .*picked`))).toBeVisible();
    expect(taps).toBeLessThanOrEqual(4);
  }
});
