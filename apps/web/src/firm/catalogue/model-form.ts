import { type CatalogueModel, type Quantity, catalogueModelInput } from '@grevik/core';
import type { Figures } from '../../kit/useFigures';
import { EMPTY_SIZE, type SizeTyped, sizeFrom, typedSize } from './size-form';
import { figure, measured, number, parts, pointsFrom, shown, text, typedPoints } from './typed-facts';
import { readQuantity } from '../../kit/read-quantity';

/** A model as it is typed: every field a text, empty where it is not known. */
export interface ModelTyped extends Record<
  (typeof NUMBERS)[number] | (typeof FLAGS)[number] | (typeof TEXTS)[number] | MeasuredField,
  string
> {
  maker: string;
  model: string;
  type: string;
  inlet: string;
  outlet: string;
  ratingId: string;
  /** “70 °F: 600 psi; 250 °F: 400 psi”: in place of a built-in table. */
  points: string;
  approvals: string[];
  rangeLow: string;
  rangeHigh: string;
  lifeLow: string;
  lifeHigh: string;
  standard: string;
  /** A spare a line: “Seat kit: 4.50: 10”. */
  spares: string;
  sizes: SizeTyped[];
}

const yesNo = (value: boolean | undefined): string => (value === undefined ? '' : value ? 'yes' : 'no');

/** Facts typed as a number, as yes or no, and as a figure with its unit. */
const NUMBERS = ['pieces', 'closeTimeS', 'turns', 'voltageV'] as const;
const FLAGS = ['plasticStem', 'listedIndicating', 'listedJoint', 'sealWeld', 'temperatureElement'] as const;
const TEXTS = [
  'port',
  'bodyMaterial',
  'seatMaterial',
  'discMaterial',
  'stem',
  'operator',
  'normally',
] as const;
const MEASURED = {
  setPressurePa: 'pressure',
  capacityKgH: 'steam flow',
  leastDifferentialPa: 'pressure',
  crackingPa: 'pressure',
  fullLiftMs: 'velocity',
} as const satisfies Partial<Record<keyof CatalogueModel, Quantity>>;
type MeasuredField = keyof typeof MEASURED;
const MEASURED_FIELDS = Object.keys(MEASURED) as MeasuredField[];

/** Facts that only some types have, in the order of the form. */
export const OF_TYPES: readonly {
  field: keyof ModelTyped;
  of: (type: string) => boolean;
  choices?: readonly ('yes' | 'no' | 'open' | 'closed')[];
}[] = [
  { field: 'turns', of: (type) => /gate|globe|angle|needle|diaphragm|compression|butterfly|plug/.test(type) },
  { field: 'sealWeld', of: (type) => type === 'ball', choices: ['yes', 'no'] },
  { field: 'fullLiftMs', of: (type) => type.startsWith('check') },
  { field: 'crackingPa', of: (type) => type.startsWith('check') },
  { field: 'setPressurePa', of: (type) => type === 'relief' },
  { field: 'capacityKgH', of: (type) => type === 'relief' },
  { field: 'temperatureElement', of: (type) => type === 'relief', choices: ['yes', 'no'] },
  { field: 'rangeLow', of: (type) => type === 'pressure-reducing' },
  { field: 'rangeHigh', of: (type) => type === 'pressure-reducing' },
  { field: 'normally', of: (type) => type === 'solenoid', choices: ['open', 'closed'] },
  { field: 'voltageV', of: (type) => type === 'solenoid' },
  { field: 'leastDifferentialPa', of: (type) => type === 'solenoid' },
];

/** A model as its form shows it, in the reader's units. */
export function typedModel(model: Partial<CatalogueModel>, figures: Figures): ModelTyped {
  const { ends = [], points = [], spares = [], lifeYears = [], sizes = [] } = model;
  return {
    maker: shown(model.maker),
    model: shown(model.model),
    type: shown(model.type),
    ...fields([...NUMBERS, ...TEXTS], (field) => shown(model[field])),
    ...fields(FLAGS, (field) => yesNo(model[field])),
    ...fields(MEASURED_FIELDS, (field) => measured(model[field], MEASURED[field], figures)),
    rangeLow: measured(model.rangePa?.[0], 'pressure', figures),
    rangeHigh: measured(model.rangePa?.[1], 'pressure', figures),
    inlet: shown(ends[0]),
    outlet: shown(ends[1]),
    ratingId: shown(model.ratingId),
    points: typedPoints(points, figures),
    approvals: [...(model.approvals ?? [])],
    lifeLow: shown(lifeYears[0]),
    lifeHigh: shown(lifeYears[1]),
    standard: shown(model.standard),
    spares: spares
      .map(({ name, price, everyYears }) =>
        [name, price, everyYears].filter((of) => of !== undefined).join(': '),
      )
      .join('\n'),
    sizes: sizes.length === 0 ? [EMPTY_SIZE] : sizes.map((size) => typedSize(size, figures)),
  };
}

/**
 * Reads a form back into a model. What was not touched keeps its exact figure.
 * @throws InvalidInput naming the field as the form calls it
 */
export function modelFrom(typed: ModelTyped, was: Partial<CatalogueModel>, figures: Figures): CatalogueModel {
  const before = typedModel(was, figures);
  const raw = {
    maker: typed.maker.trim(),
    model: typed.model.trim(),
    type: typed.type,
    ...each(TEXTS, (field) => text(field, typed[field])),
    ...each(NUMBERS, (field) => number(field, typed[field])),
    ...each(FLAGS, (field) => flag(field, typed[field])),
    ...each(MEASURED_FIELDS, (field) =>
      typed[field].trim() === ''
        ? {}
        : {
            [field]:
              typed[field] === before[field]
                ? was[field]
                : readQuantity(typed[field], MEASURED[field], field),
          },
    ),
    ...rangeFrom(typed, was, before),
    ...(typed.inlet !== '' || typed.outlet !== '' ? { ends: [typed.inlet, typed.outlet] } : {}),
    ...text('ratingId', typed.points.trim() === '' ? typed.ratingId : ''),
    ...(typed.points.trim() === ''
      ? {}
      : { points: typed.points === before.points ? was.points : pointsFrom(typed.points, 'points') }),
    ...(typed.approvals.length > 0 || was.approvals ? { approvals: typed.approvals } : {}),
    ...(was.taperAngleDeg === undefined ? {} : { taperAngleDeg: was.taperAngleDeg }),
    ...(typed.lifeLow !== '' || typed.lifeHigh !== ''
      ? { lifeYears: [figure(typed.lifeLow), figure(typed.lifeHigh)] }
      : {}),
    ...text('standard', typed.standard.trim()),
    ...(typed.spares.trim() === '' ? {} : { spares: sparesFrom(typed.spares) }),
    sizes: typed.sizes.map((size, at) => sizeFrom(size, at, was.sizes?.[at], before.sizes[at])),
  };
  return catalogueModelInput.read(raw, '');
}

const each = <F extends string>(names: readonly F[], of: (field: F) => object): object =>
  Object.assign({}, ...names.map(of)) as object;
const fields = <F extends string>(names: readonly F[], of: (field: F) => string): Record<F, string> =>
  Object.fromEntries(names.map((field) => [field, of(field)])) as Record<F, string>;
const flag = (field: string, typed: string): object => (typed === '' ? {} : { [field]: typed === 'yes' });

function rangeFrom(typed: ModelTyped, was: Partial<CatalogueModel>, before: ModelTyped): object {
  if (typed.rangeLow.trim() === '' && typed.rangeHigh.trim() === '') return {};
  if (was.rangePa && typed.rangeLow === before.rangeLow && typed.rangeHigh === before.rangeHigh)
    return { rangePa: was.rangePa };
  return {
    rangePa: [typed.rangeLow, typed.rangeHigh].map((figure) => readQuantity(figure, 'pressure', 'rangePa')),
  };
}

const sparesFrom = (typed: string): unknown[] =>
  parts(typed, '\n').map((line) => {
    const [name = '', price = '', years] = line.split(':').map((part) => part.trim());
    return { name, price: figure(price), ...(years !== undefined && { everyYears: figure(years) }) };
  });
