import { join } from 'node:path';
import { ODD_PHRASES, RAW_SI, WRONG_ARTICLE } from './odd-phrases.js';
import { sentencesIn } from './sentences.js';

const ROOT = join(__dirname, '../..');
/** The interface, the core's sentences, and what the server says. */
const FOLDERS = ['apps/web/src', 'packages/core/src', 'packages/contracts/src', 'apps/server/src'];
const sentences = FOLDERS.flatMap((folder) => sentencesIn(ROOT, folder));

/** Samples of what a person types, and of what an API field takes, are not the product speaking. */
const isSpoken = (text: string): boolean => !/SELECT |INSERT INTO|UPDATE |\\[bs]|\(\?:/.test(text);
const found = (isOdd: (text: string) => boolean): string[] =>
  sentences.filter(({ text }) => isSpoken(text) && isOdd(text)).map(({ at, text }) => `${at} “${text}”`);

describe('every text of the product', () => {
  it('is found: the interface, the rules, the refusals', () => {
    expect(sentences.length).toBeGreaterThan(2_500);
    for (const folder of FOLDERS) expect(sentences.some(({ at }) => at.startsWith(folder))).toBe(true);
  });

  it.each(ODD_PHRASES.map(({ odd, instead }) => [odd, instead] as const))(
    'does not say %s, but %s',
    (odd) => {
      expect(found((text) => odd.test(text))).toEqual([]);
    },
  );

  it('gives no raw SI figure in a sentence', () => expect(found((text) => RAW_SI.test(text))).toEqual([]));

  it('has the right article before vowels and consonants', () =>
    expect(found((text) => WRONG_ARTICLE.test(text))).toEqual([]));
});
