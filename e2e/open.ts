import { type Locator, type Page, expect } from '@playwright/test';

const DEMO_JOB = 'Tarn Quay terminal';

/** Comes in by the demo door, without drawing it: `start.spec.ts` knocks at it as people do. */
async function comeIn(page: Page, role: string): Promise<void> {
  const came = await page.request.post('/api/session/demo', { data: { role } });
  expect(came.status()).toBe(200);
}

/** Goes to an address: where the application stands open already, within it, as by a link; else, or out of a dialog, by loading it. */
export async function goTo(page: Page, address: string): Promise<void> {
  if (page.url() === 'about:blank' || (await page.getByRole('dialog').count()) > 0) await page.goto(address);
  else
    await page.evaluate((to) => {
      history.pushState(null, '', to);
      window.dispatchEvent(new PopStateEvent('popstate'));
    }, address);
}

/** The list of jobs, as somebody of the demo company. */
export async function lookAround(page: Page, role = 'owner'): Promise<void> {
  await comeIn(page, role);
  await page.goto('/');
  await expect(page.getByRole('button', { name: `${role} at` })).toBeVisible();
}

/** The address of a line of the demo job: `walk-the-line.spec.ts` goes there as people do. */
async function addressOf(page: Page, name: string): Promise<string> {
  const jobs = (await (await page.request.get('/api/jobs')).json()) as { id: string; name: string }[];
  const id = jobs.find((of) => of.name === DEMO_JOB)?.id;
  const { lines } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
    lines: { id: string; name: string }[];
  };
  const line = lines.find((of) => of.name === name);
  if (!line) throw new Error(`the demo job has no line ${name}`);
  return `/jobs/${id}/lines/${line.id}`;
}

/** Opens a position of the demo job’s domestic cold line. */
export async function openPosition(page: Page, tag: string, role = 'owner'): Promise<void> {
  await comeIn(page, role);
  await walkTo(page, tag);
  await expect(page.getByRole('button', { name: `${role} at` })).toBeVisible();
}

/** The line-up of a position of the demo job’s domestic cold line. */
export async function walkTo(page: Page, tag: string): Promise<void> {
  await goTo(page, `${await addressOf(page, 'Domestic cold')}/line-up/${tag}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(current(page)).toHaveAttribute('data-tag', tag);
}

/** Comes in, and gives the address of a line of the demo job. */
export async function demoLine(page: Page, line: string): Promise<string> {
  await comeIn(page, 'owner');
  return addressOf(page, line);
}

/** The start-up of one of the demo job’s lines. */
export async function openStartUp(page: Page, line: string): Promise<void> {
  await comeIn(page, 'owner');
  await goTo(page, `${await addressOf(page, line)}/start-up`);
  await expect(page.getByRole('heading', { level: 1, name: `Start-up of ${line}` })).toBeVisible();
}

/** From the list of jobs to the board of one. */
export async function openBoard(page: Page, job = DEMO_JOB): Promise<void> {
  if (!page.url().endsWith('/')) await goTo(page, '/');
  await page.getByRole('main').getByRole('link', { name: job, exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Next on this job' })).toBeVisible();
}

/** From the list of jobs to the board of one, and from there to a line. */
export async function openLine(page: Page, line: string, job = DEMO_JOB): Promise<void> {
  await openBoard(page, job);
  await page.getByRole('main').getByRole('link', { name: line, exact: true }).click();
}

/** From the list of jobs to where a walk list is imported. */
export async function openWalkList(page: Page, job = DEMO_JOB): Promise<void> {
  await openBoard(page, job);
  await page.getByRole('link', { name: `Import walk list into ${job}` }).click();
  await expect(page.getByRole('textbox', { name: 'Walk list' })).toBeVisible();
}

/** The walk of one of the demo job’s lines. */
export async function openWalk(page: Page, line: string): Promise<void> {
  await goTo(page, `${await addressOf(page, line)}/walk`);
  await expect(page.getByRole('heading', { level: 1, name: `Walk of ${line}` })).toBeVisible();
}

export const strip = (page: Page): Locator => page.getByRole('navigation', { name: 'from its source' });
export const current = (page: Page): Locator => strip(page).locator('[aria-current="step"]');

/** A word of the duty sentence. */
export const word = (page: Page, name: string): Locator => page.getByRole('button', { name: `${name}:` });

/** Types a figure into a word of the sentence. */
export async function type(page: Page, name: string, text: string): Promise<void> {
  await word(page, name).click();
  const field = page.getByRole('textbox', { name });
  await field.fill(text);
  await field.press('Enter');
}

/** The column of a model, by its maker and name. */
export const column = (page: Page, model: string): Locator =>
  page.getByRole('columnheader').and(page.locator(`[data-model="${model}"]`));
export const tray = (page: Page): Locator => page.getByRole('region', { name: 'Ruled out' });

/** What the page says was done. */
export const notice = (page: Page, said: string): Locator =>
  page.getByRole('alert').filter({ hasText: said });

/** Waits for what the page says was done, and rests on it: it stays until it is undone. */
export const stays = (page: Page, said: string): Promise<void> => notice(page, said).last().hover();

/** Presses Undo beside what was said. */
export const undo = (page: Page, said: string): Promise<void> =>
  notice(page, said).last().getByRole('button', { name: 'Undo' }).click();
