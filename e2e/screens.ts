import { type Page, expect } from '@playwright/test';
import { goTo, openBoard, openStartUp, openWalk, openWalkList, walkTo } from './open.js';

/** Every screen, and how one gets there. */
export const SCREENS: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  jobs: async (page) => {
    await goTo(page, '/');
    await expect(page.getByRole('link', { name: 'Tarn Quay terminal', exact: true })).toBeVisible();
  },
  board: async (page) => {
    await openBoard(page);
  },
  'line-up': async (page) => {
    await walkTo(page, 'CW-103');
    await expect(page.getByRole('img', { name: /^Closed within/ })).toBeVisible();
  },
  pick: async (page) => {
    await walkTo(page, 'CW-107');
    await page
      .getByRole('button', { name: /^Pick / })
      .first()
      .click();
    await expect(page.getByRole('dialog')).toBeVisible();
  },
  duty: async (page) => {
    await walkTo(page, 'CW-107');
    await page.getByRole('button', { name: 'conditions:' }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
  },
  'bench, hammer': async (page) => {
    await walkTo(page, 'CW-105');
    await page.getByRole('link', { name: 'Bench', exact: true }).first().click();
    await page.getByRole('button', { name: 'Close by hand' }).click();
    await page.getByRole('button', { name: 'Calculate all' }).click();
    await expect(page.getByRole('button', { name: 'Calculate all' })).toBeVisible();
  },
  'bench, pump stop': async (page) => {
    await openWalk(page, 'Lift station main');
    await page.getByRole('link', { name: 'Bench', exact: true }).click();
    await expect(page.getByText('Fully open from').first()).toBeVisible();
  },
  'bench, purge card': async (page) => {
    await openWalk(page, 'Gas');
    await page.getByRole('link', { name: 'Bench', exact: true }).click();
    await expect(page.getByRole('region', { name: 'Run' })).toBeVisible();
    await page.getByRole('link', { name: 'Purge card' }).click();
    await expect(page.getByRole('article')).toBeVisible();
  },
  'bench, radiators': async (page) => {
    await openWalk(page, 'Customs hall steam');
    await page.getByRole('link', { name: 'Bench', exact: true }).click();
    await expect(page.getByRole('cell', { name: 'too coarse' }).first()).toBeVisible();
  },
  'start-up': async (page) => {
    await openStartUp(page, 'Customs hall steam');
    await page.getByRole('button', { name: /^Hold/ }).click();
    await expect(page.getByText('Holds', { exact: true })).toBeVisible();
  },
  'valve chart': async (page) => {
    await openStartUp(page, 'Gas');
    await page.getByRole('link', { name: 'Valve chart for the wall' }).click();
    await expect(page.getByRole('region', { name: 'CLOSE FIRST' })).toBeVisible();
  },
  log: async (page) => {
    await walkTo(page, 'CW-101');
    await page.getByRole('link', { name: 'Log', exact: true }).click();
    await expect(page.getByText('Seized, scale on the stem')).toBeVisible();
  },
  schedule: async (page) => {
    await walkTo(page, 'CW-101');
    await page.getByRole('link', { name: 'Schedule' }).click();
    await expect(page.getByRole('heading', { name: /^Valve schedule/ })).toBeVisible();
  },
  'walk list': async (page) => {
    await openWalkList(page);
    await page.getByRole('textbox', { name: 'Walk list' }).fill('tag,line\nA,B');
  },
  walk: async (page) => {
    await openWalk(page, 'Domestic cold');
    await expect(page.getByText('What is here')).toBeVisible();
  },
  'walk, the plan': async (page) => {
    await openWalk(page, 'Harbour grid');
    const plan = page.getByRole('button', { name: 'If it bursts' });
    if (await plan.isVisible()) await plan.click();
    await expect(page.getByRole('heading', { name: /^(Close|No valve)/ })).toBeVisible();
  },
  'water!': async (page) => {
    await openWalk(page, 'Gas');
    await page.getByRole('link', { name: 'Emergency' }).click();
    await page.getByRole('button', { name: 'Bakery', exact: true }).click();
    await expect(
      page.getByText(
        /Smell gas\? Everybody out\. No switch, no flame and no phone inside\. Call the gas utility and the fire department from outside\./,
      ),
    ).toBeVisible();
  },
  'house rules': async (page) => {
    await goTo(page, '/house-rules');
    await expect(page.getByRole('group', { name: 'May a ball valve throttle?' })).toBeVisible();
  },
  catalogue: async (page) => {
    await goTo(page, '/catalogue');
    await expect(page.getByRole('rowheader', { name: /Ostrand 21P/ })).toBeVisible();
  },
  model: async (page) => {
    await goTo(page, '/catalogue');
    await page.getByRole('link', { name: 'Ostrand 21P' }).click();
    await expect(page.getByLabel('Rating table')).toBeVisible();
  },
  types: async (page) => {
    await goTo(page, '/catalogue/types/check-ball');
    await page.getByRole('button', { name: 'ball worn egg-shaped' }).click();
  },
  compare: async (page) => {
    await walkTo(page, 'CW-107');
    const ids = await page.getByRole('checkbox', { name: /^Compare / }).all();
    for (const box of ids.slice(0, 3)) await box.check();
    await page.getByRole('link', { name: /side by side/ }).click();
    await expect(page.getByRole('list', { name: 'Summary' })).toBeVisible();
  },
  matrix: async (page) => {
    await walkTo(page, 'CW-104');
    await page.getByRole('link', { name: 'Types for the whole line' }).click();
    await expect(page.getByRole('button', { name: /gate, metal wedge: Ruled out/ }).first()).toBeVisible();
  },
  people: async (page) => {
    await goTo(page, '/people');
    await expect(
      page.getByRole('table', { name: 'What each role can do' }).getByRole('row').nth(5),
    ).toBeVisible();
  },
  budget: async (page) => {
    await openWalk(page, 'Domestic cold');
    await page.getByRole('link', { name: 'Budget' }).first().click();
    await page.getByText('What this rests on').first().click();
    await expect(page.getByRole('figure', { name: 'Valves of this kind' })).toBeVisible();
  },
  'station log': async (page) => {
    await openWalk(page, 'Lift station main');
    await goTo(page, page.url().replace(/\/walk.*/, '/bench/LS-103?of=station-log'));
    await expect(page.getByRole('figure', { name: 'Level of the well over time' })).toBeVisible();
  },
  'life cost': async (page) => {
    await openWalk(page, 'Domestic cold');
    await goTo(page, page.url().replace(/\/walk.*/, '/life/CW-104'));
    await expect(page.getByRole('figure', { name: 'Cost so far' })).toBeVisible();
  },
  'page for the owner': async (page) => {
    await openWalk(page, 'Domestic cold');
    await goTo(page, page.url().replace(/\/walk.*/, '/owner/CW-103'));
    await expect(page.getByRole('textbox', { name: 'What was found' })).toBeVisible();
  },
  drills: async (page) => {
    await goTo(page, '/drills');
    await expect(page.getByRole('heading', { name: 'Your record' })).toBeVisible();
  },
  'a drill': async (page) => {
    await goTo(page, '/drills/run?first=five');
    await page.getByRole('radio').first().click();
    await page.getByRole('button', { name: 'Check the answer' }).click();
    await expect(page.getByRole('button', { name: 'Next question' })).toBeVisible();
  },
  devices: async (page) => {
    await goTo(page, '/devices');
    await expect(page.getByRole('article').first()).toBeVisible();
  },
  'test pressures': async (page) => {
    await goTo(page, '/house-rules');
    await expect(page.getByRole('heading', { name: 'Test pressures and times' })).toBeVisible();
  },
  'background tasks': async (page) => {
    await goTo(page, '/tasks');
    await expect(page.getByRole('heading', { name: 'Background tasks' })).toBeVisible();
  },
  account: async (page) => {
    await goTo(page, '/account');
    await expect(page.getByRole('heading', { name: 'Your account' })).toBeVisible();
  },
  'your last changes': async (page) => {
    await page.getByRole('button', { name: / at / }).click();
    await page.getByRole('menuitem', { name: 'Your recent changes' }).click();
    await expect(page.getByRole('dialog', { name: 'Your recent changes' })).toBeVisible();
  },
  'hook-up': async (page) => {
    await openWalk(page, 'Buried service');
    await page.getByRole('link', { name: 'Hook-up', exact: true }).click();
    await page.waitForURL(/hook-up/);
    await page.locator('[data-tag="BS-102"]').click();
    await expect(page.getByRole('region', { name: 'Kit' })).toBeVisible();
  },
  'install card': async (page) => {
    await walkTo(page, 'CW-101');
    await page.getByRole('link', { name: 'Hook-up', exact: true }).click();
    await page.getByRole('link', { name: 'Install card' }).click();
    await expect(page.getByRole('article')).toBeVisible();
  },
  'order line': async (page) => {
    await walkTo(page, 'CW-101');
    await page.getByRole('link', { name: 'Order', exact: true }).click();
    await expect(page.getByText('Complete').first()).toBeVisible();
  },
  orders: async (page) => {
    await walkTo(page, 'CW-101');
    await page.getByRole('link', { name: 'Schedule' }).click();
    await page.getByRole('main').getByRole('link', { name: 'Orders', exact: true }).click();
    await expect(page.getByRole('button', { name: /^Add \d+ picked/ })).toBeVisible();
  },
  takeoff: async (page) => {
    await walkTo(page, 'CW-101');
    await page.getByRole('link', { name: 'Schedule' }).click();
    await page.getByRole('main').getByRole('link', { name: 'Takeoff' }).click();
    await expect(page.getByText(/stops to buy/)).toBeVisible();
  },
  counter: async (page) => {
    await goTo(page, '/parts-list');
    await page
      .getByRole('textbox', { name: 'Paste the list here' })
      .fill('2   gate valve 2in standard\n40  stop');
    await expect(page.getByText(/“Standard” does not say enough\. It leaves open:/)).toBeVisible();
  },
  'list of everything': async (page) => {
    await walkTo(page, 'CW-101');
    await page.keyboard.press('Control+k');
    await expect(page.getByRole('combobox')).toBeFocused();
  },
};
