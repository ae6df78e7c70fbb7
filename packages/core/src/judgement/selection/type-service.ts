import { MEDIA, MEDIUM_FACTS, type Medium } from '../../ground/media/index.js';
import {
  FUNCTION_WORDS,
  type ValveFunction,
  type ValveType,
  valveTypeFacts,
} from '../../ground/valves/index.js';
import { select } from './select.js';
import { type ServiceCell, serviceCell } from './service-table.js';

/** What a type is for: what it can do, in what it can do it, and what it is never for. */
export interface TypeService {
  does: readonly ValveFunction[];
  madeFor: readonly Medium[];
  /** Media in which it needs care, those with the same reason together. */
  withCare: readonly { media: readonly Medium[]; why: string }[];
  /** What flows where it is never used. */
  never: readonly Medium[];
  /** It shuts off, and is never left part open. */
  neverThrottles: boolean;
}

const RANK: Record<ServiceCell['is'], number> = { ok: 0, care: 1, out: 2 };
/** Types are asked at sizes of both ends of what they are made in, and where the table changes. */
const TURNING_DN = 50;
/** Whether it may throttle is asked of cold water at an ordinary pressure. */
const ORDINARY = { medium: 'potable-cold', pressurePa: 4e5, temperatureC: 10 } as const;

/**
 * What a type is for, in words a page can list, drawn from the rules.
 *
 * @param type kind of valve
 * @returns media that are out in every size it is made in stand in `never`
 * Source: the table of services, and the rules of throttling.
 *
 * @example
 * typeService('gate-solid').neverThrottles // true
 */
export function typeService(type: ValveType): TypeService {
  const { madeDn, serves } = valveTypeFacts(type);
  const sizes = [...madeDn, TURNING_DN].filter((dn) => dn >= madeDn[0] && dn <= madeDn[1]);
  const best = (medium: Medium): ServiceCell | undefined =>
    sizes
      .flatMap((dn) => serviceCell(type, medium, dn) ?? [])
      .sort((a, b) => RANK[a.is] - RANK[b.is])
      .at(0);
  const cells = MEDIA.map((medium) => ({ medium, cell: best(medium) }));
  const withCare = new Map<string, Medium[]>();
  for (const { medium, cell } of cells) {
    const why = cell && careOf(cell);
    if (why === undefined) continue;
    withCare.set(why, [...(withCare.get(why) ?? []), medium]);
  }
  const does = serves.filter((asked) => asked !== 'throttle' || !isRuledOut(type, asked, sizes));
  return {
    does,
    madeFor: cells.flatMap(({ medium, cell }) =>
      cell?.is === 'ok' && careOf(cell) === undefined ? [medium] : [],
    ),
    withCare: [...withCare].map(([why, media]) => ({ media, why })),
    never: cells.flatMap(({ medium, cell }) => (cell?.is === 'out' ? [medium] : [])),
    neverThrottles: does.includes('isolate') && !does.includes('throttle'),
  };
}

/** Why a type needs care in a service; where it must carry an approval, that it must. */
function careOf({ is, why, carries }: ServiceCell): string | undefined {
  const approval = carries ? 'Only with an approval or a rating for it.' : '';
  return is === 'out'
    ? undefined
    : [approval, is === 'care' ? why : ''].filter(Boolean).join(' ') || undefined;
}

const isRuledOut = (type: ValveType, asked: ValveFunction, sizes: readonly number[]): boolean =>
  sizes.every(
    (dn) =>
      select({ ...ORDINARY, function: asked, dn }, undefined).results.find((one) => one.type === type)
        ?.verdict === 'out',
  );

/**
 * Media as one says them together.
 *
 * @param media ids
 *
 * @example
 * mediaWords(['natural-gas', 'lp-gas']) // 'natural gas, LP gas'
 */
export const mediaWords = (media: readonly Medium[]): string =>
  media.map((medium) => MEDIUM_FACTS[medium].words).join(', ');

/**
 * Functions as one says them together.
 *
 * @param functions ids
 *
 * @example
 * functionWords(['isolate', 'throttle']) // 'shut off, throttle'
 */
export const functionWords = (functions: readonly ValveFunction[]): string =>
  functions.map((one) => FUNCTION_WORDS[one]).join(', ');
