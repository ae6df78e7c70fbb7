import { type Page, expect, test } from '@playwright/test';
import { seriousFaults } from './check-accessibility.js';
import { current, lookAround, openPosition } from './open.js';
import { prepareMadeUp, speak, textsMissing, wordsThatDoNotFit } from './made-up-language.js';
import { SCREENS } from './screens.js';

// The longest file: its tests do not have to wait for one another.
test.describe.configure({ mode: 'parallel' });

const CONTRASTS = ['color-contrast'];

/**
 * What an automated check finds, as far as it is serious: everything by day, and the contrasts again by night. Contrasts, which take longest, are the
 * same at every width: they are looked at on the desk.
 */
async function faultsOf(page: Page, screen: string, { schemes, contrasts }: Looked): Promise<string[]> {
  const faults: string[] = [];
  for (const colorScheme of schemes) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    const rules = colorScheme === 'dark' ? { only: CONTRASTS } : contrasts ? {} : { without: CONTRASTS };
    const look = async (): Promise<string[]> => {
      await faded(page);
      return seriousFaults(page, rules);
    };
    // What began to fade in meanwhile is not yet what it will be: a fault that is one is there again.
    const found = (await look()).length > 0 ? await look() : [];
    faults.push(...found.map((fault) => `${screen}, ${colorScheme}: ${fault}`));
  }
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  return faults;
}

/** Waits until nothing fades in or out any more. */
const faded = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const drawn = () => new Promise((done) => requestAnimationFrame(done));
    const fading = () =>
      document.getAnimations().filter(({ effect }) => effect?.getComputedTiming().iterations !== Infinity);
    do {
      await Promise.allSettled(fading().map(({ finished }) => finished));
      await drawn();
      await drawn();
    } while (fading().length > 0);
  });

interface Looked {
  schemes: readonly ('light' | 'dark')[];
  contrasts: boolean;
}

/** Screens that are used standing at a valve. */
const ON_SITE: readonly string[] = [
  'jobs',
  'board',
  'line-up',
  'pick',
  'duty',
  'log',
  'start-up',
  'walk',
  'walk, the plan',
  'water!',
  'bench, hammer',
  'bench, purge card',
  'bench, radiators',
  'hook-up',
  'install card',
  'orders',
  'counter',
  'list of everything',
  'a drill',
];

for (const [width, height, schemes, names] of [
  [1280, 800, ['light', 'dark'], Object.keys(SCREENS)],
  [390, 844, ['light'], ON_SITE],
] as const) {
  test(`no screen has a serious fault or a text of one language, ${width} wide, ${schemes.join(' and ')}`, async ({
    browser,
    storageState,
  }) => {
    test.setTimeout(900_000);
    const looked = { schemes, contrasts: width > 800 };
    const context = await browser.newContext({
      viewport: { width, height },
      reducedMotion: 'reduce',
      ...(storageState !== undefined && { storageState }),
    });
    const page = await context.newPage();
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    const written = looked.contrasts ? await prepareMadeUp(page) : undefined;
    const faults = await faultsOf(page, 'doors', looked);
    await lookAround(page);
    for (const name of names) {
      await SCREENS[name]?.(page);
      faults.push(...(await faultsOf(page, name, looked)));
      await speak(page, 'es');
      const odd = written ? await textsMissing(page, await written()) : await wordsThatDoNotFit(page);
      faults.push(...odd.map((text) => `${name}: ${text}`));
      await speak(page, 'en');
    }
    expect(faults).toEqual([]);
    await context.close();
  });
}

test('strip, handle and columns are worked and understood without sight', async ({ page }) => {
  await openPosition(page, 'CW-101');
  await expect(current(page)).toHaveAccessibleName(
    /CW-101 · 1½ in.*Building shut-off.*checked, duty known, picked/s,
  );
  const handle = page.getByRole('slider', { name: 'Handle' });
  await handle.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(handle).toHaveAttribute('aria-valuetext', '99 % open');
  const first = page.getByRole('columnheader').first();
  await expect(first.getByRole('img')).toHaveAccessibleName(/valve cut open, handle 99 % open\. \w+/);
  // One stop for both views; the arrows go between them.
  await page.keyboard.press('Tab');
  await expect(page.getByRole('group', { name: 'Columns' }).locator(':focus')).toHaveCount(1);
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Types for the whole line' })).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Ranking' })).toBeFocused();
  await page.keyboard.press('Tab');
  const ticks = page.getByRole('checkbox', { name: /^Compare / });
  await expect(ticks.first()).toBeFocused();
  for (let column = await ticks.count(); column > 0; column -= 1) await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: /^Pick(ed)? / }).first()).toBeFocused();
});
