import { type ModelSize, parseNominalSize } from '@grevik/core';
import type { Figures } from '../../kit/useFigures';
import { figure, measured, number, parts, pointsFrom, shown, text, typedPoints } from './typed-facts';
import { readQuantity } from '../../kit/read-quantity';

/** What a size may say for itself: empty where it is as the model says. */
export const OWN_FIELDS = ['port', 'operator', 'inlet', 'outlet', 'ratingId', 'points', 'capacity'] as const;
export type OwnField = (typeof OWN_FIELDS)[number];

/** A size as it is typed. */
export interface SizeTyped extends Record<OwnField, string> {
  dn: string;
  bore: string;
  kv: string;
  price: string;
  /** “10: 12.25; 50: 11”. */
  breaks: string;
}

const NOTHING_OWN = Object.fromEntries(OWN_FIELDS.map((field) => [field, ''])) as Record<OwnField, string>;
export const EMPTY_SIZE: SizeTyped = { dn: '', bore: '', kv: '', price: '', breaks: '', ...NOTHING_OWN };

/** Whether a size is made differently from what the model says. */
export const isOwn = (size: SizeTyped): boolean => OWN_FIELDS.some((field) => size[field].trim() !== '');

/** A size as its row shows it, in the reader's units. */
export function typedSize(size: ModelSize, figures: Figures): SizeTyped {
  const { dn, boreM, kv, price, breaks = [], ends = [], points = [] } = size;
  return {
    dn: figures.size(dn),
    bore: boreM === undefined ? '' : `${Number((boreM * 1000).toPrecision(4))} mm`,
    kv: shown(kv),
    price: shown(price),
    breaks: breaks.map(({ from, price: each }) => `${from}: ${each}`).join('; '),
    port: shown(size.port),
    operator: shown(size.operator),
    inlet: shown(ends[0]),
    outlet: shown(ends[1]),
    ratingId: shown(size.ratingId),
    points: typedPoints(points, figures),
    capacity: measured(size.capacityKgH, 'steam flow', figures),
  };
}

/**
 * Reads a row back. What was not touched keeps its exact figure.
 *
 * @param typed the row as it stands
 * @param at    its place, for the name of a field in a refusal
 * @param was   the size before, if there was one; `shownBefore` as the row showed it
 * @throws InvalidInput naming the field
 */
export function sizeFrom(
  typed: SizeTyped,
  at: number,
  was: ModelSize | undefined,
  shownBefore: SizeTyped | undefined,
): unknown {
  const name = (field: string): string => `sizes[${at}].${field}`;
  const kept = <T>(field: keyof SizeTyped, value: T | undefined, read: () => T): T =>
    value !== undefined && shownBefore?.[field] === typed[field] ? value : read();
  const hasPoints = typed.points.trim() !== '';
  return {
    dn: kept('dn', was?.dn, () => parseNominalSize(typed.dn, name('dn'))),
    ...(typed.bore.trim() === ''
      ? {}
      : { boreM: kept('bore', was?.boreM, () => readQuantity(typed.bore, 'length', name('boreM'))) }),
    ...number('kv', typed.kv),
    price: figure(typed.price),
    ...(typed.breaks.trim() === '' ? {} : { breaks: breaksFrom(typed.breaks) }),
    ...text('port', typed.port),
    ...text('operator', typed.operator),
    ...(typed.inlet !== '' || typed.outlet !== '' ? { ends: [typed.inlet, typed.outlet] } : {}),
    ...text('ratingId', hasPoints ? '' : typed.ratingId),
    ...(hasPoints
      ? { points: kept<unknown>('points', was?.points, () => pointsFrom(typed.points, name('points'))) }
      : {}),
    ...(typed.capacity.trim() === ''
      ? {}
      : {
          capacityKgH: kept('capacity', was?.capacityKgH, () =>
            readQuantity(typed.capacity, 'steam flow', name('capacityKgH')),
          ),
        }),
  };
}

const breaksFrom = (typed: string): unknown[] =>
  parts(typed, ';').map((part) => {
    const [from = '', price = ''] = part.split(':');
    return { from: figure(from), price: figure(price) };
  });
