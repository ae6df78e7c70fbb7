import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import type axe from 'axe-core';

const SOURCE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/**
 * What an automated check finds on a page as it stands, as far as it is serious: "color-contrast at .price". The check is loaded once into
 * each document.
 *
 * @param rules the only ones, or all but these
 * @param within what is looked at: "main"
 */
export async function seriousFaults(
  page: Page,
  rules: { only?: readonly string[]; without?: readonly string[] } = {},
  within = 'html',
): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(SOURCE);
  const found = await page.evaluate(
    async ({ only, without, within }) => {
      const { axe: check } = window as unknown as { axe: typeof axe };
      const { violations } = await check.run(within, {
        resultTypes: ['violations'],
        ...(only && { runOnly: [...only] }),
        rules: Object.fromEntries((without ?? []).map((rule) => [rule, { enabled: false }])),
      });
      return violations.map(({ id, impact, nodes }) => ({
        id,
        impact,
        at: nodes.map(({ target }) => target.join(' ')),
      }));
    },
    { ...rules, within },
  );
  return found
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, at }) => `${id} at ${at.slice(0, 3).join(' | ')}`);
}
