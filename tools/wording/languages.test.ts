import { join } from 'node:path';
import { LANGUAGES, en, tableOf } from '@grevik/words';
import { templatesIn } from './templates.js';

const ROOT = join(__dirname, '../..');
const FOLDERS = ['packages/core/src', 'packages/contracts/src', 'apps/server/src'];
const templates = FOLDERS.flatMap((folder) => templatesIn(ROOT, folder));
const spoken = new Map(templates.map(({ template, at }) => [template, at]));

const holesIn = (text: string): string[] =>
  [...text.matchAll(/\{\{(\w+)\}\}/g)].map(([, name = '']) => name).sort();

/** Words of the interface by their whole keys. */
function flat(tree: object, before = ''): [string, string][] {
  return Object.entries(tree).flatMap(([key, value]): [string, string][] =>
    typeof value === 'string' ? [[`${before}${key}`, value]] : flat(value as object, `${before}${key}.`),
  );
}

it('finds what the core and the server say', () => {
  expect(spoken.size).toBeGreaterThan(1_800);
  expect(spoken.get('Pick at {{tag}}')).toMatch(/change-kinds/);
  expect(spoken.get('It closes too fast for a sprinkler line.')).toMatch(/approval-rules/);
});

describe.each(LANGUAGES.filter((language) => language !== 'en'))('%s', (language) => {
  const load = async () => {
    const table = await tableOf(language);
    if (!table) throw new Error(`${language} has no table`);
    return table;
  };

  it('has every sentence and template of the sources', async () => {
    const { sentences } = await load();
    const missing = [...spoken].filter(([template]) => !(template in sentences));
    expect(missing.map(([template, at]) => `${at} ${template}`)).toEqual([]);
  });

  it('has the same names in each template', async () => {
    const { sentences } = await load();
    const odd = Object.entries(sentences).filter(
      ([english, said]) => holesIn(english).join() !== holesIn(said).join(),
    );
    expect(odd).toEqual([]);
  });

  it('has every word of the interface, with the same names, and both forms where things are counted', async () => {
    const words = new Map(flat((await load()).words));
    for (const [key, english] of flat(en)) {
      expect([key, holesIn(words.get(key) ?? '')]).toEqual([key, holesIn(english)]);
      expect(words.get(key)?.trim()).not.toBe('');
      if (key.endsWith('_one')) expect(words.has(key.replace(/_one$/, '_other'))).toBe(true);
    }
    expect(words.size).toBe(flat(en).length);
  });

  it('says nothing much longer than English, so that it fits where English does', async () => {
    const words = new Map(flat((await load()).words));
    const long = flat(en).filter(
      ([key, english]) => english.length <= 14 && (words.get(key) ?? '').length > english.length + 22,
    );
    expect(long).toEqual([]);
  });
});
