import type { Sentences } from '../language-table.js';
import { HOLES, type Template, compileTemplate, isSpoken } from './compile-template.js';

/** How much is remembered of what was asked for. */
const MOST_KEPT = 5_000;
/** Letters by which templates are told apart at first. */
const HEAD = 4;
/** Letters of its own from which a template is surely what a text was made from; with fewer, what stands in its holes must be known too. */
const SURE = 8;
const WORD = /\p{L}{3}/u;
const SIZED = /^(DN ?\d+|[\d ./½¼¾⅜⅛⅝⅞-]+ ?(?:in|mm)) (.+)$/;
/** What a text of several is joined by, and how that is in the other language. */
const JOINTS = [/((?<=[.?!]) )/, /( · |\n)/, /(; )/, /(: )/, /(, )/, /( and | or | × | x )/];

/**
 * Reads texts of the core and the server in another language: a sentence by itself, one made from a template, or several of them joined. What it does
 * not know stays English.
 *
 * @param sentences of the language
 *
 * @example
 * sentenceReader({ 'in service': 'en servicio' })('in service') // 'en servicio'
 */
export function sentenceReader(sentences: Sentences): (text: string) => string {
  const known = new Map(Object.entries(sentences));
  const { closed, open } = templatesOf(sentences);
  const kept = new Map<string, string>();

  const read = (text: string): string => {
    const before = kept.get(text);
    if (before !== undefined) return before;
    const said = saidFrom(text, 0) ?? text;
    if (kept.size >= MOST_KEPT) kept.clear();
    kept.set(text, said);
    return said;
  };

  /** A text that is known, or has a size before it, or is joined by this joint or a later one; undefined where it is none of these. */
  const saidFrom = (text: string, joint: number): string | undefined =>
    whole(text) ?? sized(text) ?? joined(text, joint);

  /** A text that is one sentence; undefined where it is not known. */
  const whole = (text: string): string | undefined => {
    const same = known.get(text) ?? capitalizedOf(text);
    if (same !== undefined) return same;
    for (const template of [...(closed.get(text.slice(0, HEAD)) ?? []), ...open]) {
      if (!text.startsWith(template.head)) continue;
      const found = template.pattern.exec(text);
      if (found && (template.own >= SURE || holesKnown(template, found))) return filled(template, found);
    }
    return undefined;
  };

  const holesKnown = ({ names }: Template, found: RegExpExecArray): boolean =>
    names.every((name, at) => !isSpoken(name) || isKnown(found[at + 1] ?? ''));

  /** A size and what has it: “1½ in press tool”. */
  const sized = (text: string): string | undefined => {
    const [, size = '', of = ''] = SIZED.exec(text) ?? [];
    const said = of === '' ? undefined : (whole(of) ?? joined(of, 0));
    return said === undefined ? undefined : `${size} ${said}`;
  };

  /** Whether a text is, to the letter, one of the product's own, or has no word in it. */
  const isKnown = (text: string): boolean =>
    !WORD.test(text) || known.has(text) || capitalizedOf(text) !== undefined;

  /** What is a word in the middle of a sentence stands at the head of one too. */
  const capitalizedOf = (text: string): string | undefined => {
    const small = known.get(text.slice(0, 1).toLowerCase() + text.slice(1));
    return small === undefined ? undefined : small.slice(0, 1).toUpperCase() + small.slice(1);
  };

  const filled = ({ into, names }: Template, found: RegExpExecArray): string =>
    into.replace(HOLES, (_hole, name: string) => {
      const value = found[names.indexOf(name) + 1] ?? '';
      return isSpoken(name) ? read(value) : value;
    });

  /** Several sentences or words in a row; undefined where one of them is not known: somebody wrote them. */
  const joined = (text: string, from: number): string | undefined => {
    for (let at = from; at < JOINTS.length; at += 1) {
      const joint = JOINTS[at];
      const parts = joint ? text.split(joint) : [];
      if (parts.length < 3) continue;
      const said = parts.map((part, index) =>
        index % 2 === 1 || !WORD.test(part) ? (known.get(part) ?? part) : saidFrom(part, at + 1),
      );
      if (said.every((part) => part !== undefined)) return said.join('');
    }
    return undefined;
  };
  return read;
}

/** Templates by the letters they begin with, and those that begin with a hole; what says more comes first. */
function templatesOf(sentences: Sentences): { closed: Map<string, Template[]>; open: Template[] } {
  const closed = new Map<string, Template[]>();
  const open: Template[] = [];
  const templates = Object.entries(sentences)
    .filter(([english]) => english.includes('{{'))
    .map(([english, into]) => compileTemplate(english, into))
    .sort((one, other) => other.own - one.own);
  for (const template of templates) {
    if (template.head.length < HEAD) open.push(template);
    else {
      const head = template.head.slice(0, HEAD);
      closed.set(head, [...(closed.get(head) ?? []), template]);
    }
  }
  return { closed, open };
}
