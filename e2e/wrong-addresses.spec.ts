import { expect, test } from '@playwright/test';
import { demoLine } from './open.js';

const NOBODY = '00000000-0000-4000-8000-000000000000';
const STEPS = [
  'walk',
  'line-up',
  'compare',
  'matrix',
  'bench',
  'hook-up',
  'install',
  'order',
  'start-up',
  'chart',
  'log',
  'life',
  'owner',
  'schedule',
];

/** Every address with something that is not there, and with something that is no id. */
function wrongAddresses(line: string): string[] {
  const job = line.split('/lines/')[0] ?? '';
  return [
    '/nowhere',
    `/catalogue/models/${NOBODY}`,
    '/catalogue/models/no-id',
    '/catalogue/types/gate-of-horn',
    '/owner',
    '/owner#nothing',
    `/drills/sent/${NOBODY}`,
    '/drills/sent/no-id',
    `/drills/people/${NOBODY}`,
    '/drills/run?about=nothing&job=no-id',
    '/join',
    '/new-password',
    '/new-password#nothing',
    '/join?token=nothing',
    ...[NOBODY, 'no-id'].flatMap((id) => [
      `/jobs/${id}`,
      `/jobs/${id}/takeoff`,
      `/jobs/${id}/orders`,
      `/jobs/${id}/budget`,
      `/jobs/${id}/walk`,
      `${job}/lines/${id}/walk`,
      `/emergency?job=${id}`,
      `/house-rules?job=${id}`,
    ]),
    ...STEPS.flatMap((step) => [`${line}/${step}/XX-999`, `${job}/lines/${NOBODY}/${step}`]),
    `${line}/no-such-step`,
    `${line}`,
    `${job}/nowhere`,
  ];
}

test('every address that leads nowhere says so, and leads on', async ({ page }) => {
  test.setTimeout(180_000);
  const line = await demoLine(page, 'Domestic cold');
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  for (const address of wrongAddresses(line)) {
    await page.goto(address);
    // Something is said in the work itself, and there is a way on.
    const work = page.locator('main, [role="main"], body').first();
    await expect(work.getByRole('heading').first(), address).toBeVisible();
    await expect(page.getByRole('link').or(page.getByRole('button')).first(), address).toBeVisible();
    await expect(page.getByText('stopped working'), address).toHaveCount(0);
  }
  expect(faults).toEqual([]);
});
