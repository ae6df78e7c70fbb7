import { type Page, expect, test } from '@playwright/test';
import { demoLine, lookAround, stays, undo } from './open.js';

/** The demo’s round that is under way. */
async function openRound(page: Page): Promise<void> {
  await lookAround(page);
  await page.goto('/rounds');
  await page.getByRole('link', { name: 'Harbour round' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Harbour round' })).toBeVisible();
}
const tags = (page: Page): Promise<string[]> => page.getByRole('main').locator('ol a').allTextContents();

test('what is due becomes a round in walking order, is put in another order by keyboard, and back with Undo', async ({
  page,
}) => {
  await lookAround(page);
  await page.getByRole('link', { name: 'Tarn Quay terminal', exact: true }).click();
  await page.getByRole('link', { name: /^Maintenance overdue at \d+ valves$/ }).click();
  await expect(page.getByRole('row', { name: /LS-1\d\d .*exercise/ }).first()).toBeVisible();
  await expect(page.getByText(/^\d+ tasks at \d+ valves, \d+ overdue\.$/)).toBeVisible();
  await page.getByLabel('Name').fill('Winter round');
  await page.getByRole('button', { name: 'Create round' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Winter round' })).toBeVisible();
  const before = await tags(page);
  expect(before.length).toBeGreaterThan(5);
  const [first = '', second = ''] = before;
  await page.getByRole('button', { name: new RegExp(`^Move ${first}:`) }).focus();
  await page.keyboard.press('Space');
  const told = page.locator('[id^="DndLiveRegion"]');
  await expect(told).toHaveText(/^Over place/);
  const here = (await told.textContent()) ?? '';
  await page.keyboard.press('ArrowDown');
  await expect(told).not.toHaveText(here);
  await page.keyboard.press('Space');
  await stays(page, `${first} moved`);
  await expect.poll(async () => (await tags(page)).slice(0, 2)).toEqual([second, first]);
  await undo(page, `${first} moved`);
  await expect.poll(async () => (await tags(page)).slice(0, 2)).toEqual([first, second]);
});

test('a round is dragged, its calendar file has an event a day, and it prints without buttons', async ({
  page,
}) => {
  await openRound(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Calendar file' }).click(),
  ]);
  const text = (await (await file.createReadStream()).toArray()).join('');
  expect(text).toMatch(/BEGIN:VCALENDAR[\s\S]*SUMMARY:Harbour round: 8 valves[\s\S]*END:VCALENDAR/);
  const before = await tags(page);
  const grip = page.getByRole('button', { name: /^Move UT-107:/ });
  const [from, to] = [
    await grip.boundingBox(),
    await page.getByRole('button', { name: /^Move WD-106:/ }).boundingBox(),
  ];
  if (!from || !to) throw new Error('the stops are not on the screen');
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(to.x + 8, to.y + 20, { steps: 8 });
  await page.mouse.move(to.x + 8, to.y - 4, { steps: 4 });
  await page.mouse.up();
  await stays(page, 'UT-107 moved');
  await expect.poll(() => tags(page)).not.toEqual(before);
  await undo(page, 'UT-107 moved');
  await expect.poll(() => tags(page)).toEqual(before);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('link', { name: 'Calendar file' })).toBeHidden();
  await expect(page.getByRole('link', { name: 'UT-107' })).toBeVisible();
});

test('the log of a valve shows its turns and torque over eight years', async ({ page }) => {
  await page.goto(`${await demoLine(page, 'Harbour grid')}/log/UT-118`);
  await expect(page.getByRole('figure', { name: 'Turns and torque over the years' })).toBeVisible();
  await expect(page.getByText(/exercise · 20 turns · up to \d+(\.\d+)? ft·lb/).first()).toBeVisible();
});
