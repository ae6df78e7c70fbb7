import { type Page, expect, test } from '@playwright/test';
import { TOTP } from 'otpauth';
import { lookAround, openPosition, word } from './open.js';

const PASSWORD = 'lantern over the quay';
const stamp = Date.now();

/** The menu of whoever is signed in. */
async function menu(page: Page, item: string): Promise<void> {
  await page.getByRole('button', { name: / at / }).click();
  await page.getByRole('menuitem', { name: item }).click();
}

test('start a company, invite a technician by link, and see what their role may do', async ({
  page,
  browser,
}) => {
  await page.goto('/');
  const door = page.getByRole('region', { name: 'Create your company' });
  await door.getByLabel('Company').fill('Lock keepers');
  await door.getByLabel('Your name').fill('Tove Aldous');
  await door.getByLabel('E-mail').fill(`tove-${stamp}@works.example`);
  await door.getByLabel('Password').fill(PASSWORD);
  await door.getByRole('button', { name: 'Create company' }).click();
  await expect(page.getByRole('heading', { name: 'Lock keepers' })).toBeVisible();
  await page.getByRole('link', { name: 'People', exact: true }).click();
  await page.getByRole('button', { name: 'Create link' }).click();
  const link = await page.getByRole('textbox', { name: 'Invite a person' }).inputValue();

  const phone = await (await browser.newContext()).newPage();
  await phone.goto(link);
  await expect(phone.getByRole('heading', { name: 'Join Lock keepers' })).toBeVisible();
  await phone.getByLabel('Your name').fill('Nils Harrow');
  await phone.getByLabel('E-mail').fill(`nils-${stamp}@works.example`);
  await phone.getByLabel('Password').fill(PASSWORD);
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(phone.getByText('An owner, estimator or foreman creates one.')).toBeVisible();
  await expect(phone.getByRole('textbox', { name: 'Name' })).toBeHidden();

  await page.reload();
  await expect(page.getByRole('row', { name: /Nils Harrow/ })).toContainText('technician');
  await page.getByRole('button', { name: 'Remove: Nils Harrow' }).click();
  await page.getByRole('button', { name: 'Confirm: remove: Nils Harrow' }).click();
  await expect(page.getByText('Nils Harrow was removed from the company')).toBeVisible();
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});

test('a second factor is set up, asked for at sign-in, and a forgotten password gets a link', async ({
  page,
  browser,
}) => {
  const email = `mara-${stamp}@works.example`;
  const begun = await page.request.post('/api/session/company', {
    data: { company: 'Second lock', name: 'Mara Fenn', email, password: PASSWORD },
  });
  expect(begun.status()).toBe(201);
  await page.goto('/account');
  await page.getByRole('button', { name: 'Set up a second factor' }).click();
  await expect(page.getByRole('img', { name: 'QR code for an authenticator app' })).toBeVisible();
  const secret = (
    await page.getByRole('region', { name: 'Second factor' }).locator('code').innerText()
  ).replace(/\s/g, '');
  const codeIn = (halfMinutes: number): string =>
    new TOTP({ secret }).generate({ timestamp: Date.now() + halfMinutes * 30_000 });
  await page.getByLabel('Code from the app').fill(codeIn(0));
  await page.getByRole('button', { name: 'Turn on' }).click();
  await expect(page.getByRole('list', { name: 'Codes for a lost phone' }).getByRole('listitem')).toHaveCount(
    8,
  );
  await page.goto('/people');
  await page.getByRole('button', { name: 'More for Mara Fenn' }).click();
  await page.getByRole('menuitem', { name: 'Link for a new password' }).click();
  const link = await page.getByRole('textbox', { name: 'Link for a new password' }).inputValue();

  const phone = await (await browser.newContext()).newPage();
  await phone.goto(link);
  await phone.getByLabel('Password').fill('the tide comes at nine');
  await phone.getByRole('button', { name: 'Save password' }).click();
  await phone.getByRole('link', { name: 'Sign in' }).click();
  const door = phone.getByRole('region', { name: 'Sign in' });
  await door.getByLabel('E-mail').fill(email);
  await door.getByLabel('Password').fill('the tide comes at nine');
  await door.getByRole('button', { name: 'Sign in' }).click();
  await door.getByLabel(/authenticator app/).fill(codeIn(1));
  await door.getByRole('button', { name: 'Sign in' }).click();
  await expect(phone.getByRole('heading', { name: 'Second lock' })).toBeVisible();
  await phone.context().close();
});

test('sign out, and come back to the same address by password', async ({ page }) => {
  await page.goto('/account');
  const door = page.getByRole('region', { name: 'Sign in' });
  await door.getByLabel('E-mail').fill(`tove-${stamp}@works.example`);
  await door.getByLabel('Password').fill('not the password');
  await door.getByRole('button', { name: 'Sign in' }).click();
  await expect(door.getByRole('alert')).toContainText('is wrong');
  await door.getByLabel('Password').fill(PASSWORD);
  await door.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Your account' })).toBeVisible();
  await page.getByRole('button', { name: 'Sign out everywhere' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.goBack();
  await expect(page.getByText('Tove Aldous')).toBeHidden();
});

test('an apprentice compares and writes entries, and changes nothing', async ({ page }) => {
  await openPosition(page, 'CW-103', 'apprentice');
  await expect(page.getByRole('rowheader', { name: 'Verdict' })).toBeVisible();
  await expect(word(page, 'pressure')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Pick / })).toHaveCount(0);
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await page.getByLabel('Text').fill('Label is gone from the handle.');
  await page.getByRole('button', { name: 'Save entry' }).click();
  const entry = page.getByRole('listitem').filter({ hasText: 'Label is gone' });
  await expect(entry).toContainText('Bea Lindqvist-Moor');
});

test('the last changes are listed, and go back by button and by key', async ({ page }) => {
  await openPosition(page, 'CW-114');
  await page.getByRole('button', { name: 'place:' }).click();
  await page.getByRole('menuitem', { name: 'in a pit' }).click();
  await expect(word(page, 'place')).toHaveText('in a pit');
  await menu(page, 'Your recent changes');
  await page.getByRole('button', { name: 'Undo: Duty of CW-114' }).first().click();
  await expect(page.getByText('undone').first()).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(word(page, 'place')).toHaveText('indoors');
  await page.getByRole('button', { name: 'place:' }).click();
  await page.getByRole('menuitem', { name: 'outdoors' }).click();
  await expect(word(page, 'place')).toHaveText('outdoors');
  await page.keyboard.press('Control+z');
  await expect(word(page, 'place')).toHaveText('indoors');
});

test('a session that ended elsewhere asks to sign in, at the same address', async ({ page }) => {
  await lookAround(page);
  const job = page.getByRole('link', { name: 'Tarn Quay terminal', exact: true });
  await job.waitFor();
  await page.context().clearCookies();
  const signIn = page.getByRole('heading', { name: 'Try it first' });
  // A request that was still under way may find it before the link does.
  await Promise.any([job.click(), signIn.waitFor()]);
  await expect(signIn).toBeVisible();
});
