import type { en } from './en/index.js';

type Same<T> = {
  [K in keyof T]: T[K] extends string
    ? string
    : T[K] extends readonly string[]
      ? readonly string[]
      : Same<T[K]>;
};

/** The words of the interface, under the keys that English has. */
export type SameWords = Same<typeof en>;

/**
 * What the core and the server say, by what it is in English: a sentence, or a template with `{{names}}` in place of what differs. A language has
 * the same names in its own order.
 */
export type Sentences = Readonly<Record<string, string>>;

/** All of a language but English, which the sources are written in. */
export interface LanguageTable {
  words: SameWords;
  sentences: Sentences;
}
