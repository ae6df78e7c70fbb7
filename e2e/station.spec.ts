import { expect, test } from '@playwright/test';
import { demoLine } from './open.js';

const DAY_S = 86_400;
const EVERY_S = 10;

/** A recorder’s file: a well that fills and is pumped down, and from a day on runs back after each stop. */
function levelLog(days: number, stuckFromDay: number): string {
  const rows = ['time,level (m),pump'];
  let [level, isOn, rest] = [1, false, 0];
  for (let at = 0; at <= days * DAY_S; at += EVERY_S) {
    rows.push(`${at},${level.toFixed(3)},${isOn ? 1 : 0}`);
    const back = !isOn && at >= stuckFromDay * DAY_S ? 0.019 * Math.exp(-rest / 60) : 0;
    level += ((0.003 + back * 1 - (isOn ? 0.01 : 0)) * EVERY_S) / 2.5 + (back * EVERY_S * 1.5) / 2.5;
    rest = isOn && level <= 0.6 ? 0 : rest + EVERY_S;
    isOn = isOn ? level > 0.6 : level >= 1.4;
  }
  return rows.join('\n');
}

test('the recorder of the demo’s station says that a ball has stuck open for a week, and what that costs', async ({
  page,
}) => {
  const line = await demoLine(page, 'Lift station main');
  await page.goto(`${line}/bench/LS-103?of=station-log`);
  await expect(
    page.getByText(/^Level recorder 1 \(stand-in\), .*: level .* ft, the pump (rests|runs)\.$/),
  ).toBeVisible();
  await expect(page.getByText(/The check sticks open: after each stop/)).toBeVisible();
  await expect(page.getByText(/kWh a year$/)).toBeVisible();
  const chart = page.getByRole('figure', { name: 'Level of the well over time' });
  await expect(chart).toBeVisible();
  const whole = await chart.locator('figcaption').textContent();
  await page.getByRole('button', { name: '6 hours' }).click();
  await expect.poll(() => chart.locator('figcaption').textContent()).not.toBe(whole);
  await page.goto(`${line}/log/LS-103`);
  await expect(page.getByText(/^The level recorder sees it stick open/)).toBeVisible();
  await expect(page.getByText('Level recorder 1 (stand-in) (device)').first()).toBeVisible();
});

test('a file of a level recorder is judged beside the screen, and raises the valve', async ({ page }) => {
  const line = await demoLine(page, 'Lift station main');
  await page.goto(`${line}/bench/LS-109?of=station-log&wellDiameterM=1.784&pumpFlowM3s=0.01`);
  await page.getByLabel('Import level log').setInputFiles({
    name: 'station.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(levelLog(6, 3)),
  });
  await expect(page.getByText(/^51,841 samples read\.|^51841 samples read\./)).toBeVisible();
  await expect(page.getByText(/The check (sticks open|passes)/)).toBeVisible();
  await expect(page.getByText(/^Since day (3|4), /)).toBeVisible();
});
