import i18next from 'i18next';
import { initReactI18next, useTranslation } from 'react-i18next';
import { en } from './en';

declare module 'i18next' {
  interface CustomTypeOptions {
    resources: { translation: typeof en };
    strictKeyChecks: true;
  }
}

void i18next.use(initReactI18next).init({
  lng: 'en',
  resources: { en: { translation: en } },
  interpolation: { escapeValue: false },
  initAsync: false,
});

/** The words of the interface in the person's language: `words('jobs.title')`. */
export const useWords = () => useTranslation().t;
export type Words = ReturnType<typeof useWords>;

/** The same outside of components. */
export const words = i18next.t.bind(i18next);
