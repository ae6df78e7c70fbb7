import { type Page, expect, test } from '@playwright/test';
import { answerAnyhow } from './answer-drill.js';
import { lookAround, openPosition } from './open.js';

const heading = (page: Page) => page.getByRole('heading', { level: 1 });

async function recordLength(page: Page): Promise<number> {
  const { results } = (await (await page.request.get('/api/drills/record')).json()) as { results: unknown[] };
  return results.length;
}

test('five questions show a newcomer the product, answered by keyboard alone, and stand in the record', async ({
  page,
}) => {
  await lookAround(page, 'estimator');
  await page.goto('/drills');
  await expect(page.getByText('No drill taken yet.')).toBeVisible();
  await page.getByRole('button', { name: /^New here\?/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('1 of 5')).toBeVisible();
  for (const kind of [
    'Operate it, or leave it?',
    'Which valve would you put here?',
    'What do you close?',
    'Close it in time, without water hammer',
    'What is missing from this order?',
  ]) {
    await expect(heading(page)).toHaveText(kind);
    if (kind === 'What do you close?') {
      await page.getByRole('checkbox').first().focus();
      await page.keyboard.press('Space');
      await page.getByRole('button', { name: 'Check the answer' }).focus();
    } else if (kind.startsWith('Close it')) {
      await page.getByRole('slider', { name: 'Handle' }).focus();
      await page.keyboard.press('End');
      await page.getByRole('button', { name: 'Check the answer' }).focus();
    } else {
      // A key that comes before the question listens is pressed again.
      await expect(async () => {
        await page.keyboard.press('2');
        await expect(page.getByRole('radio').nth(1)).toHaveAttribute('aria-checked', 'true', {
          timeout: 500,
        });
      }).toPass();
    }
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 2, name: /^(Right|Wrong|Nearly)/ })).toBeFocused();
    await page.keyboard.press('Enter');
  }
  await expect(heading(page)).toHaveText(/^\d of 5 right$/);
  await expect.poll(() => recordLength(page)).toBe(5);
});

test('a foreman sends a drill from a position with two taps, the apprentice answers it, and the foreman sees that', async ({
  page,
  browser,
  storageState,
}) => {
  await openPosition(page, 'CW-104', 'foreman');
  await page.getByRole('button', { name: 'Send as a drill' }).click();
  await page.getByRole('button', { name: 'Send to 1 person' }).click();
  await expect(page.getByText('The drill is sent.')).toBeVisible();

  const phone = await browser.newContext({ ...(storageState !== undefined && { storageState }) });
  const theirs = await phone.newPage();
  await lookAround(theirs, 'apprentice');
  // It stands on the first page, and among the drills.
  const asked = theirs.getByRole('listitem').filter({ hasText: 'asks about CW-104' });
  await asked.getByRole('link', { name: 'Answer' }).click();
  await answerAnyhow(theirs);
  await expect(theirs.getByRole('link', { name: 'The line-up at CW-104' })).toBeVisible();
  await theirs.getByRole('button', { name: 'See the result' }).click();
  await theirs.getByRole('link', { name: 'All drills' }).click();
  await expect(asked).toContainText('answered');
  await phone.close();

  await page.goto('/drills');
  await expect(page.getByText(/^CW-104, .*: 1 of 1 answered/)).toBeVisible();
  await page.getByRole('link', { name: 'Bea Lindqvist-Moor' }).click();
  await expect(heading(page)).toHaveText('Bea Lindqvist-Moor');
  await expect(page.getByRole('row', { name: /^Order it in full level 1, since/ })).toBeVisible();
});

test('without a network a run goes on, its answers wait on the device, and are stored once', async ({
  page,
  context,
}) => {
  await lookAround(page, 'technician');
  await page.goto('/drills/run?about=gas');
  await expect(page.getByText('1 of 10')).toBeVisible();
  // What a kind of question needs is fetched with it.
  await page.waitForLoadState('networkidle');
  const before = await recordLength(page);
  await context.setOffline(true);
  await answerAnyhow(page);
  await expect(page.getByText('This answer waits on this device until there is a network.')).toBeVisible();
  await page.getByRole('button', { name: 'Stop here' }).click();
  await context.setOffline(false);
  await expect.poll(() => recordLength(page)).toBe(before + 1);
});

test('a record is seen by the person and the foreman, and by nobody else', async ({ page }) => {
  await lookAround(page, 'owner');
  await page.goto('/drills');
  await expect(heading(page)).toHaveText('Drills');
  await expect(page.getByRole('heading', { name: 'Who is ready for what' })).toHaveCount(0);
  const { status } = await page.request
    .get('/api/drills/people')
    .then((answer) => ({ status: answer.status() }));
  expect(status).toBe(403);
});
