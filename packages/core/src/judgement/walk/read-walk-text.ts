import { InvalidInput } from '../../ground/input/index.js';
import { type Medium, MEDIUM_FACTS } from '../../ground/media/index.js';
import type { ValveType } from '../../ground/valves/index.js';
import { parseNominalSize, parseQuantity } from '../../ground/units/index.js';
import { capitalized } from '../../ground/wording/index.js';
import { fixtureSaid } from './fixtures.js';
import { DEEPEST_BRANCH, type WalkItem } from './walk-item.js';
import { TAG_PATTERN } from './tag-pattern.js';
import { PIPE_SAID, PIPE_WORD, SOURCE_SAID, TEE_SAID, VALVE_SAID } from './walk-words.js';

/** An item as it was written, before it has an id; a valve with what was said of it. */
export type DraftItem = Omit<WalkItem, 'id' | 'positionId' | 'endsAt'> & {
  valve?: { tag?: string; dn?: number };
  /** The name of the tee or valve a run comes back to. */
  endsAtName?: string;
};

export interface WalkTextReading {
  items: DraftItem[];
  /** What could not be read, and what would be right. */
  problems: { text: string; message: string }[];
}

const NUMBER = String.raw`(?:\d+[ -])?\d+\/\d+|\d*[¼½¾⅛⅜⅝⅞]|\d+(?:[.,]\d+)?`;
const LENGTH = new RegExp(
  `(${NUMBER})\\s*(ft|feet|foot|pies?|['′]|metres?|meters?|metros?|m|yd)(?![\\p{L}\\p{N}²³])`,
  'iu',
);
const RISE = new RegExp(
  `\\b(up|rises?|down|drops?|falls?|sube|subida|baja|bajada)\\s+${LENGTH.source}`,
  'iu',
);
const SIZE = new RegExp(
  `\\bdn ?\\d+|\\b\\d+ ?mm\\b|(?<![\\p{L}\\p{N}/])(?:${NUMBER})(?:\\s*(?:"|″|in\\.?|inch|pulg(?:adas?)?\\.?)(?![\\p{L}]))?(?![\\p{L}\\p{N}/])`,
  'iu',
);
const LONGEST_NAME = 120;
const ENDS = /\b(?:ends at|back to|joins|termina en|regresa a|vuelve a|se une a)\s+(.+)$/iu;
const COUNT = /(?:^|\s)(?:[x×*] ?(\d+)|(\d+) ?[x×*])(?=\s|$)/iu;
const TAG = /\b[A-Z]{1,5}-\d{1,5}[A-Z]?\b/;
const RIGHT =
  'Enter a run (1/2 copper 12 ft), a valve (ball 1/2), a tee (tee to café), a fixture (basin x2) or the source (street main).';

/**
 * Reads a walk as it is typed, in English, in Spanish or in both: lines in walking order, each with one or several items set apart by commas; indented lines branch.
 *
 * @param text  "1/2 copper 12 ft, ball 1/2, basin x2"; after a colon stands a name: "gate 3/4: café branch"
 * @param depth of the line it is typed at
 * @param medium of the line: on sewage a plug valve is an eccentric one
 * @returns items in order, and what could not be read with what would be right
 *
 * @example
 * readWalkText('1/2 copper 12 ft, ball 1/2, basin x2').items.map(({ kind }) => kind) // ['run', 'valve', 'fixture']
 */
export function readWalkText(text: string, depth = 0, medium?: Medium): WalkTextReading {
  const items: DraftItem[] = [];
  const problems: WalkTextReading['problems'] = [];
  for (const line of text.split(/\r?\n/)) {
    const deeper = Math.min(DEEPEST_BRANCH, depth + indentOf(line));
    let last: DraftItem | undefined;
    for (const part of line.split(/[,;](?=\s|$)/)) {
      const said = part.trim();
      if (said === '') continue;
      try {
        last = { ...readPart(said, medium), depth: deeper };
        items.push(last);
      } catch (error) {
        if (!(error instanceof InvalidInput)) throw error;
        // What follows a name and is no item belongs to the name.
        if (last?.name !== undefined) {
          last.name = `${last.name}, ${said}`.slice(0, LONGEST_NAME);
          continue;
        }
        problems.push({ text: said, message: error.message });
      }
    }
  }
  return { items, problems };
}

function indentOf(line: string): number {
  const blank = /^[\t ]*/.exec(line)?.[0] ?? '';
  return [...blank].reduce((sum, sign) => sum + (sign === '\t' ? 1 : 0.5), 0) | 0;
}

function readPart(said: string, medium: Medium | undefined): Omit<DraftItem, 'depth'> {
  const [head = '', ...named] = said.split(/:\s+/);
  const name = named.join(': ').trim().slice(0, LONGEST_NAME);
  const withName = (item: Omit<DraftItem, 'depth'>): Omit<DraftItem, 'depth'> =>
    name === '' ? item : { ...item, name };

  if (SOURCE_SAID.test(head))
    return withName({
      kind: 'source',
      name: capitalized(head.replace(/^(?:source|from|origen|desde)\s+/i, '').trim()),
    });
  const tee = TEE_SAID.exec(head);
  if (tee) {
    const to = head.slice(tee[0].length).trim();
    return withName({ kind: 'tee', ...(to !== '' && { name: capitalized(to.trim()) }) });
  }
  const pipe = PIPE_SAID.find(([words]) => words.test(head));
  const valve = pipe && LENGTH.test(head) ? undefined : VALVE_SAID.find(([words]) => words.test(head));
  const fixture = fixtureIn(head);
  // "hose bibb" is a fixture and "ball valve" a valve: whoever took the longer word has it.
  if (fixture && (!valve || fixture.word.length >= (valve[0].exec(head)?.[0].length ?? 0)))
    return withName({ kind: 'fixture', fixture: fixture.kind, count: fixture.count });
  if (valve)
    return withName({
      kind: 'valve',
      ...typeOf(valve[1], head, medium),
      valve: readValve(head, valve[0]),
    });
  if (pipe || LENGTH.test(head) || PIPE_WORD.test(head)) return withName(readRun(head, pipe));
  throw new InvalidInput('walk', `“${said}” is not understood. ${RIGHT}`);
}

/** A plain plug valve is told by what flows: on sewage it is an eccentric one. */
function typeOf(type: ValveType | undefined, head: string, medium: Medium | undefined): { type?: ValveType } {
  if (type) return { type };
  const isSewagePlug =
    medium !== undefined && MEDIUM_FACTS[medium].family === 'waste' && /\b(?:plug|macho)\b/i.test(head);
  return isSewagePlug ? { type: 'plug-eccentric' } : {};
}

function fixtureIn(
  head: string,
): { kind: NonNullable<WalkItem['fixture']>; word: string; count: number } | undefined {
  const counted = COUNT.exec(head) ?? /^(\d+)\s+(?=\p{L})/u.exec(head);
  const word = (counted ? head.replace(counted[0], ' ') : head).trim();
  const kind = fixtureSaid(word);
  return kind && { kind, word, count: Math.max(1, Number(counted?.[1] ?? counted?.[2] ?? 1)) };
}

function readValve(head: string, words: RegExp): NonNullable<DraftItem['valve']> {
  const tag = TAG.exec(head)?.[0];
  if (tag !== undefined && !TAG_PATTERN.test(tag)) throw new InvalidInput('tag', `“${tag}” is not a tag.`);
  const rest = head.replace(tag ?? '', ' ').replace(words, ' ');
  const size = SIZE.exec(rest)?.[0];
  return {
    ...(tag !== undefined && { tag }),
    ...(size !== undefined && { dn: parseNominalSize(size) }),
  };
}

function readRun(head: string, pipe: (typeof PIPE_SAID)[number] | undefined): Omit<DraftItem, 'depth'> {
  const end = ENDS.exec(head);
  const along = end ? head.slice(0, end.index) : head;
  const rise = RISE.exec(along);
  const riseM = rise && parseQuantity(`${rise[2]} ${rise[3]}`, 'length');
  const level = rise ? along.replace(rise[0], ' ') : along;
  const length = LENGTH.exec(level);
  const lengthM = length ? parseQuantity(`${length[1]} ${length[2]}`, 'length') : riseM;
  const rest = (length ? level.replace(length[0], ' ') : level).replace(pipe?.[0] ?? '', ' ');
  const size = SIZE.exec(rest)?.[0];
  return {
    kind: 'run',
    ...(pipe && { material: pipe[1] }),
    ...(size !== undefined && { dn: parseNominalSize(size) }),
    ...(lengthM !== null && lengthM !== undefined && { lengthM }),
    ...(end?.[1] && { endsAtName: end[1].trim() }),
    ...(rise && riseM !== null && { riseM: /^(?:up|rise|sub)/i.test(rise[1] ?? '') ? riseM : -riseM }),
  };
}
