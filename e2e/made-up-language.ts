import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { type Page, expect } from '@playwright/test';
import { en } from '../packages/words/src/en/index.js';
import { sentences } from '../packages/words/src/es/sentences/index.js';

const ASSETS = join(import.meta.dirname, '../apps/web/dist/assets');
/** The file that Spanish is fetched in; its dates come in another. */
const SPANISH =
  readdirSync(ASSETS).find(
    (name) =>
      /^es-.*\.js$/.test(name) && readFileSync(join(ASSETS, name), 'utf8').includes('válvula de compuerta'),
  ) ?? '';

type Tree = { [key: string]: string | readonly string[] | Tree };
const marked = (tree: Tree): Tree =>
  Object.fromEntries(
    Object.entries(tree).map(([key, value]) => [
      key,
      typeof value === 'string'
        ? `⟦${value}⟧`
        : Array.isArray(value)
          ? value.map((one) => `⟦${one}⟧`)
          : marked(value as Tree),
    ]),
  );

/** A made-up language: every text between brackets, so that what no table has shows without them. */
const TABLE = {
  words: marked(en as unknown as Tree),
  sentences: Object.fromEntries(
    Object.keys(sentences).map((english) => [english, / $|^ /.test(english) ? english : `⟦${english}⟧`]),
  ),
};

/** Units, names of standards and of formats, which are the same in every language; months come with the dates of the language. */
const SAME =
  /^(?:psi|bar|kpa|gpm|cfh|lbf|btu|edr|npt|bsp|nps|csv|xlsx|pdf|json|geojson|svg|png|grevik|vik|gre|usd|gal|fip|mip|bspp|bspt|wcb|ctrl|iso|asme|awwa|ansi|astm|nsf|nfpa|mss|api|asse|csa|iec|wog|cwp|wsp|ptfe|epdm|nbr|fkm|pex|pvc|cpvc|hdpe|dzr|kwh|kw|min|swt|qr|https?|www|localhost|ene|feb|mar|abr|may|jun|jul|ago|sept|oct|nov|dic)$/;

/** What people and the catalogue wrote, gathered from the answers of the server. */
export interface Written {
  /** Longest first. */
  texts: readonly string[];
  /** All of them one after the other, in small letters. */
  all: string;
}

/** Puts the made-up language in the place of Spanish, and gathers what people and the catalogue wrote. */
export async function prepareMadeUp(page: Page): Promise<() => Promise<Written>> {
  await page.route(`**/assets/${SPANISH}`, (route) =>
    route.fulfill({ contentType: 'text/javascript', body: `export const table = ${JSON.stringify(TABLE)};` }),
  );
  const answers: Promise<string>[] = [];
  page.on('response', (response) => {
    if (/\/api\//.test(response.url()) && /json/.test(response.headers()['content-type'] ?? ''))
      answers.push(response.text().catch(() => ''));
  });
  const gathered = new Set<string>();
  const gather = (value: unknown): void => {
    if (value !== null && typeof value === 'object') Object.values(value).forEach(gather);
    // What is an id of the contract is none of theirs.
    else if (
      typeof value === 'string' &&
      /[A-Z @]/.test(value) &&
      (!(value in sentences) || /^\p{Lu}\p{L}+$/u.test(value))
    )
      for (const piece of [value, ...value.split(/[,;(]\s*/)])
        if (piece.length > 1) gathered.add(piece.trim());
  };
  return async () => {
    for (const text of await Promise.all(answers.splice(0))) gather(text === '' ? null : JSON.parse(text));
    const texts = [...gathered].sort((one, other) => other.length - one.length);
    return { texts, all: texts.join('\n').toLowerCase() };
  };
}

/** Speaks another language on the screen as it stands: a dialog stays open. */
export async function speak(page: Page, language: 'en' | 'es'): Promise<void> {
  await page.evaluate((chosen) => {
    localStorage.setItem('grevik.language', JSON.stringify(chosen));
    window.dispatchEvent(new StorageEvent('storage', { key: 'grevik.language' }));
  }, language);
  await expect(page.locator('html')).toHaveAttribute('lang', language);
}

const isOdd = (text: string): boolean =>
  text.split(/[^\p{L}]+/u).some((word) => word.length > 2 && !SAME.test(word.toLowerCase()));

/** What is on the screen, or what something there is called, and stands in no table of a language. */
export async function textsMissing(page: Page, written: Written): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const bare = (text: string): string => {
      let [left, depth] = ['', 0];
      for (const sign of text) {
        if (sign === '⟦') depth += 1;
        else if (sign === '⟧') depth -= 1;
        else if (depth === 0) left += sign;
      }
      return left;
    };
    const found: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const element = node instanceof Element ? node : node.parentElement;
      if (!element || element.closest('script, style, pre, code, kbd, textarea, [lang]:not(html)')) continue;
      // Currencies are named by the browser.
      if (/^[A-Z]{3}$/.test(element.getAttribute('value') ?? '')) continue;
      if (node instanceof Element)
        for (const name of ['aria-label', 'title']) found.push(bare(node.getAttribute(name) ?? ''));
      else found.push(bare(node.textContent ?? ''));
    }
    return [...new Set(found)];
  });
  return texts.filter((text) => {
    if (!isOdd(text)) return false;
    // A name too long for its place ends with dots.
    const cut = /(\S.*)…$/.exec(text)?.[1]?.replace(/^[A-Z]+-\d+ /, '');
    if (cut !== undefined && written.texts.some((own) => own.startsWith(cut))) return false;
    if (text.length > 5 && written.all.includes(text.trim().toLowerCase())) return false;
    const left = written.texts.reduce((rest, own) => rest.replaceAll(own, ' '), text);
    // Dates and times come with the dates of the language.
    return isOdd(left) && !/^hace |\d+ de \p{L}+ de \d{4}/u.test(left);
  });
}

/** Buttons and links whose words do not fit. */
export const wordsThatDoNotFit = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const odd = [...document.querySelectorAll<HTMLElement>('button, a, [role=tab]')]
      .filter((one) => one.offsetParent !== null && one.scrollWidth > one.clientWidth + 2)
      .filter(
        (one) =>
          getComputedStyle(one).overflow !== 'visible' || one.getBoundingClientRect().right > innerWidth,
      )
      .filter((one) => !one.closest('[data-scrolls], table, nav ol'))
      .map((one) => one.textContent ?? '');
    return odd;
  });
