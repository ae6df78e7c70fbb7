import { InvalidInput } from '../../ground/input/index.js';
import { parseNominalSize } from '../../ground/units/index.js';
import type { End } from '../../ground/valves/index.js';
import { ORDER_END_WORDS } from './order-words.js';
import { matchAt } from './scan-markings.js';

/** One end as it was read; `flanged` where the flange is not told, `socket` where weld or cement is not. */
export interface ReadEnd {
  style: End | 'flanged' | 'socket';
  dn?: number;
  odIn?: number;
}

const SYNONYMS: readonly (readonly [words: string, style: ReadEnd['style']])[] = [
  ['od comp(?:ression|\\.)?|comp(?:ression|\\.)?', 'od-compression'],
  ['brazed?|brazing', 'brazed'],
  ['sweat|swt|solder(?:ed)?|cup', 'sweat'],
  ['f(?:emale)?[ -]?(?:npt|ip)|fip|fpt|(?:female )?(?:npt|thread(?:ed)?|thrd|thd)', 'fip'],
  ['m(?:ale)?[ -]?(?:npt|ip)|mip|mpt', 'mip'],
  ['flg(?:d|\\.)?|flanged|flange|fl', 'flanged'],
  ['mj|mech(?:anical)?\\.? joint', 'mechanical-joint'],
  ['pex[ -]?crimp|crimp|pex[ -]barb(?:ed)?|barb(?:ed)?', 'pex-barb'],
  ['pex[ -]?exp(?:ansion)?\\.?', 'pex-expansion'],
  ['push[ -]?(?:fit|connect|to-connect)', 'push-fit'],
  ['slip|glued?|socket glue|solvent|(?:pvc|cpvc) socket', 'solvent-socket'],
  ['socket[ -]?weld|sw', 'socket-weld'],
  ['socket', 'socket'],
  ['butt[ -]?weld|bw', 'butt-weld'],
  ['(?:male )?hose(?: thread)?|mht', 'male-hose'],
  ['grv|groove(?:d)?', 'grooved'],
  ['po|push[ -]?on', 'push-on'],
  ['union(?: ends?)?(?: tails?)?', 'union-tail'],
  ['pex', 'pex-barb'],
];
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);
const FRACTION = String.raw`(?:\d{1,2}[ -])?[0-9]{1,2}\/(?:2|4|8|16|32|64)|\d{0,2}[¼½¾⅛⅜⅝⅞]|\d+\.\d+|\d{1,2}`;
const INCH = String.raw` ?(?:"|”|″|in\b\.?|inch(?:es)?)`;
const SIZE = new RegExp(
  String.raw`(?:dn ?(\d{1,4})|(\d{1,4}) ?mm|(${FRACTION})(?:${INCH})?)(?=[ (]|$)[ ]*`,
  'iuy',
);
const OUTSIDE = new RegExp(String.raw`\(?(${FRACTION})(?:${INCH})? ?od\b\.?\)? *`, 'iuy');
const END_OF_WORD = String.raw`(?![\p{L}\p{N}])`;
/** Longest first, so that a shorter one does not cut it off. */
const STYLES: readonly { pattern: RegExp; style: ReadEnd['style'] }[] = [
  ...(Object.keys(ORDER_END_WORDS) as End[])
    .map((style) => ({ words: escaped(ORDER_END_WORDS[style]), style }))
    .sort((a, b) => b.words.length - a.words.length),
  ...SYNONYMS.map(([words, style]) => ({ words, style })),
].map(({ words, style }) => ({ pattern: new RegExp(`(?:${words})${END_OF_WORD}`, 'iuy'), style }));
const BY = / *(?:x|×|by) +|(?<=\s)x(?=\S)/iuy;

/** One end with its size, where one stands at a place of a text. */
function endAt(text: string, from: number): { end: ReadEnd; to: number } | undefined {
  const sizes: Omit<ReadEnd, 'style'> = {};
  let at = from;
  const outside = matchAt(OUTSIDE, text, at);
  if (outside) {
    sizes.odIn = inches(outside[1] ?? '');
    at += outside[0].length;
  } else {
    const size = matchAt(SIZE, text, at);
    if (size) {
      const dn = nominal(size);
      if (dn === undefined) return undefined;
      sizes.dn = dn;
      at += size[0].length;
      const beside = matchAt(OUTSIDE, text, at);
      if (beside) {
        sizes.odIn = inches(beside[1] ?? '');
        at += beside[0].length;
      }
    }
  }
  for (const { pattern, style } of STYLES) {
    const found = matchAt(pattern, text, at);
    if (found) return { end: { style, ...sizes }, to: at + found[0].length };
  }
  return undefined;
}

/**
 * The ends that stand at a place of a text: one, or several with x, × or “by” between.
 *
 * @returns the ends and where they stop; undefined where none stand there
 *
 * @example
 * readEndsAt('1/2 in PEX barb x 3/8 in OD compression angle stop', 0)
 * // { ends: [{ style: 'pex-barb', dn: 15 }, { style: 'od-compression', odIn: 0.375 }], to: 39 }
 */
export function readEndsAt(text: string, from: number): { ends: ReadEnd[]; to: number } | undefined {
  const cups = matchAt(new RegExp(`c ?[x×] ?c${END_OF_WORD}`, 'iuy'), text, from);
  if (cups) return { ends: [{ style: 'sweat' }, { style: 'sweat' }], to: from + cups[0].length };
  const first = endAt(text, from);
  if (!first) return undefined;
  const ends = [first.end];
  let to = first.to;
  for (;;) {
    const by = matchAt(BY, text, to);
    const next = by && endAt(text, to + by[0].length);
    if (!next) return { ends, to };
    ends.push(next.end);
    to = next.to;
  }
}

/** Puts room round an x that ties two ends: MJxFLG. */
export const apart = (text: string): string =>
  text.replace(/\b(mj|flg|fip|mip|fpt|mpt|swt|npt|thd|press|sw|bw|comp)x(?=\p{L}|\d)/giu, '$1 x ');

function nominal([, dn, mm, typed]: RegExpExecArray): number | undefined {
  try {
    if (mm !== undefined) return parseNominalSize(`${mm} mm`);
    return parseNominalSize(dn !== undefined ? `DN${dn}` : (typed ?? ''));
  } catch (error) {
    if (error instanceof InvalidInput) return undefined;
    throw error;
  }
}

const SIGNS: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

function inches(text: string): number {
  const spelled = text.replace(/[¼½¾⅛⅜⅝⅞]/g, (sign) => ` ${SIGNS[sign] ?? ''}`).trim();
  return spelled
    .split(/[ -]+/)
    .map((part) => {
      const [over = '', under] = part.split('/');
      return under === undefined ? Number(over) : Number(over) / Number(under);
    })
    .reduce((sum, part) => sum + part, 0);
}
