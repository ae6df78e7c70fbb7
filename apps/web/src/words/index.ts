import { type Language, decimalSignOf, en, readerOf, tableOf, withDecimalSign } from '@grevik/words';
import dayjs from 'dayjs';
import i18next from 'i18next';
import { initReactI18next, useTranslation } from 'react-i18next';

declare module 'i18next' {
  interface CustomTypeOptions {
    resources: { translation: typeof en };
    strictKeyChecks: true;
  }
}

/** How dates are said in a language that is not English. */
const DATES: Readonly<Record<Exclude<Language, 'en'>, () => Promise<unknown>>> = {
  es: () => import('dayjs/locale/es'),
};

/** The language asked for last: another that arrives after it is not spoken. */
let wanted: Language = 'en';

const spoken: {
  language: Language;
  sign: '.' | ',';
  /** Reads what the core and the server say. */
  read: (text: string) => string;
} = { language: 'en', sign: '.', read: (text) => text };

void i18next
  .use(initReactI18next)
  .use({
    type: 'postProcessor',
    name: 'figures',
    process: (said: unknown) => (typeof said === 'string' ? withDecimalSign(said, spoken.sign) : said),
  })
  .init({
    lng: 'en',
    fallbackLng: 'en',
    resources: { en: { translation: en } },
    interpolation: { escapeValue: false },
    postProcess: 'figures',
    initAsync: false,
  });

/** The words of the interface in the person's language: `words('jobs.title')`. */
export const useWords = () => useTranslation().t;
export type Words = ReturnType<typeof useWords>;

/** The same outside of components. */
export const words = i18next.t.bind(i18next);

/** A text of the core or the server, in the person's language. */
export const translated = (text: string): string => withDecimalSign(spoken.read(text), spoken.sign);

/** The person's language, and the sign of decimals where they live. */
export const spokenLanguage = (): Language => spoken.language;
export const decimalSign = (): '.' | ',' => spoken.sign;

/** The locale of the browser's own figures, dates and names of currencies. */
export const numberLocale = (): string =>
  spoken.language === 'en' ? 'en' : `${spoken.language}-${spoken.sign === '.' ? 'US' : 'ES'}`;

/**
 * Speaks a language from now on, on the whole screen: it is fetched first where it was not.
 *
 * @param tags what the browser's person reads, for the sign of decimals
 */
export async function speak(
  language: Language,
  tags: readonly string[] = navigator.languages,
): Promise<void> {
  wanted = language;
  const [table, read] = await Promise.all([tableOf(language), readerOf(language)]);
  if (language !== 'en') await DATES[language]();
  if (wanted !== language) return;
  if (table) i18next.addResourceBundle(language, 'translation', table.words);
  spoken.read = read;
  spoken.language = language;
  spoken.sign = decimalSignOf(language, tags);
  dayjs.locale(language);
  document.documentElement.lang = language;
  await i18next.changeLanguage(language);
}
