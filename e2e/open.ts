import { type Locator, type Page, expect } from '@playwright/test';

/** Comes in by the demo door, without drawing it: `start.spec.ts` knocks at it as people do. */
export async function lookAround(page: Page, role = 'owner'): Promise<void> {
  const came = await page.request.post('/api/session/demo', { data: { role } });
  expect(came.status()).toBe(200);
  await page.goto('/');
  await expect(page.getByRole('button', { name: `${role} at` })).toBeVisible();
}

/** The list of jobs; where it is open already it is not loaded again. */
async function openJobs(page: Page): Promise<void> {
  if (!page.url().endsWith('/') || page.url() === 'about:blank') await page.goto('/');
}

/** Opens the demo job as a person does, and walks to a position of its domestic cold line. */
export async function openPosition(page: Page, tag: string, role = 'owner'): Promise<void> {
  await lookAround(page, role);
  await walkTo(page, tag);
}

/** From the list of jobs to the board of one, and from there to a line. */
export async function openLine(page: Page, line: string, job = 'Tarn Quay terminal'): Promise<void> {
  await openBoard(page, job);
  await page.getByRole('main').getByRole('link', { name: line, exact: true }).click();
}

export async function openBoard(page: Page, job = 'Tarn Quay terminal'): Promise<void> {
  await openJobs(page);
  await page.getByRole('main').getByRole('link', { name: job, exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Next on this job' })).toBeVisible();
}

/** From the list of jobs to a position of the demo job's domestic cold line. */
export async function walkTo(page: Page, tag: string): Promise<void> {
  await openLine(page, 'Domestic cold');
  await strip(page).locator(`[data-tag="${tag}"]`).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(current(page)).toHaveAttribute('data-tag', tag);
}

/** From the list of jobs to where a walk list is imported. */
export async function openWalkList(page: Page, job = 'Tarn Quay terminal'): Promise<void> {
  await openBoard(page, job);
  await page.getByRole('link', { name: `Import walk list into ${job}` }).click();
  await expect(page.getByRole('textbox', { name: 'Walk list' })).toBeVisible();
}

/** From the list of jobs to the walk of one of the demo job’s lines. */
export async function openWalk(page: Page, line: string): Promise<void> {
  await openLine(page, line);
  await page.getByRole('link', { name: 'Walk', exact: true }).click();
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
