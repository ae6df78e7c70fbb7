/** A template that finds the texts made from it. */
export interface Template {
  /** What it is in the other language. */
  into: string;
  /** What a text begins with to be made from it. */
  head: string;
  pattern: RegExp;
  names: readonly string[];
  /** Letters that stand in it itself: of two that fit, the one with more says more surely what the text is. */
  own: number;
}

/** Where something is put in: `{{name}}`. */
export const HOLES = /\{\{(\w+)\}\}/g;

/** Where what stands in a hole is somebody's own word: it is left as it is. */
const OWN_WORDS = new Set([
  'name',
  'tag',
  'tags',
  'line',
  'lines',
  'person',
  'supplier',
  'order',
  'model',
  'models',
  'said',
  'cell',
  'clean',
  'rest',
  'id',
  'from',
]);

/** Whether what stands there is a word of the product itself. */
export const isSpoken = (name: string): boolean => !OWN_WORDS.has(name);

/**
 * A template as what finds its texts.
 *
 * @param english with `{{names}}`
 *
 * @example
 * compileTemplate('Pick at {{tag}}', 'Elección en {{tag}}').pattern.exec('Pick at CW-101')?.[1] // 'CW-101'
 */
export function compileTemplate(english: string, into: string): Template {
  const parts = english.split(HOLES);
  const literals = parts.filter((_part, at) => at % 2 === 0);
  const names = parts.filter((_part, at) => at % 2 === 1);
  return {
    into,
    head: literals[0] ?? '',
    names,
    own: literals.join('').length,
    pattern: new RegExp(`^${literals.map(escaped).join('([^]*?)')}$`),
  };
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
