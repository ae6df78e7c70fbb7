import type { LanguageTable } from './language-table.js';

/** Languages the product speaks. The first is the one its sources are written in. */
export const LANGUAGES = ['en', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];

/** What each language calls itself. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English', es: 'Español' };

const TABLES: Readonly<Record<Exclude<Language, 'en'>, () => Promise<{ table: LanguageTable }>>> = {
  es: () => import('./es/index.js'),
};

/** Fetches what a language says; nothing for English, which is in the sources. */
export async function tableOf(language: Language): Promise<LanguageTable | undefined> {
  return language === 'en' ? undefined : (await TABLES[language]()).table;
}

/**
 * The first language of a list that the product speaks; English where it speaks none.
 *
 * @param tags as a browser lists what its person reads: `['es-MX', 'en']`
 *
 * @example
 * languageFor(['fr-CA', 'es-MX', 'en']) // 'es'
 */
export function languageFor(tags: readonly string[]): Language {
  for (const tag of tags) {
    const found = LANGUAGES.find((language) => language === tag.split('-')[0]?.toLowerCase());
    if (found) return found;
  }
  return 'en';
}

/**
 * The decimal sign of a language where its reader lives: 1,5 in Spain, 1.5 in Mexico.
 *
 * @param tags as the browser of the reader lists them; where none is of the language, the region of the first counts
 *
 * @example
 * decimalSignOf('es', ['es-MX']) // '.'
 */
export function decimalSignOf(language: Language, tags: readonly string[]): '.' | ',' {
  const own = tags.find((tag) => tag.split('-')[0]?.toLowerCase() === language);
  const region = tags[0]?.split('-')[1] ?? 'US';
  const sign = new Intl.NumberFormat(own ?? `${language}-${region}`)
    .formatToParts(1.5)
    .find(({ type }) => type === 'decimal')?.value;
  return sign === ',' ? ',' : '.';
}
