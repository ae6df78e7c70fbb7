import { type RecordOf, choice, list, number, optional, record, text } from '../../ground/input/index.js';
import { type Candidate, type Duty, candidateFields } from '../selection/index.js';

const { boreM: _boreM, unitPrice: _unitPrice, ...modelled } = candidateFields;

/** What may be another in a size than the model says. */
const { port, operator, ends, ratingId, points, capacityKgH } = candidateFields;
const ofSizeFields = { port, operator, ends, ratingId, points, capacityKgH };

const sizeFields = {
  dn: number({ unit: 'DN', integer: true, above: 0, max: 3000 }),
  ...ofSizeFields,
  boreM: optional(number({ unit: 'm', above: 0 })),
  kv: optional(number({ unit: 'm3/h at 1 bar, from the sheet', above: 0 })),
  price: number({ unit: "the company's currency, each", min: 0 }),
  breaks: optional(
    list(
      record({
        from: number({
          integer: true,
          min: 2,
          meaning: 'pieces from which the price holds, for all of them',
        }),
        price: number({ unit: "the company's currency, each", min: 0 }),
      }),
      { most: 8 },
    ),
  ),
};

const spareInput = record({
  name: text(80),
  price: number({ unit: "the company's currency, each", min: 0 }),
  everyYears: optional(number({ unit: 'years', above: 0, meaning: 'how often it is renewed' })),
});

const modelFields = {
  maker: text(80),
  model: text(80),
  ...modelled,
  taperAngleDeg: optional(number({ unit: 'degrees', above: 0, max: 180 })),
  standard: optional(text(80)),
  normally: optional(choice(['open', 'closed'], 'solenoid: without power')),
  voltageV: optional(number({ unit: 'V', above: 0, max: 1000, meaning: 'solenoid' })),
  leastDifferentialPa: optional(
    number({ unit: 'Pa', min: 0, meaning: 'solenoid: pressure across it that opens it' }),
  ),
  rangePa: optional(
    list(number({ unit: 'Pa gauge', above: 0 }), {
      least: 2,
      most: 2,
    }),
  ),
  spares: optional(list(spareInput, { most: 20 })),
  sizes: list(record(sizeFields), { least: 1, most: 40 }),
};

/** A valve as a catalogue holds it: what all its sizes share, and what each size has of its own. */
export type CatalogueModel = RecordOf<typeof modelFields>;
export type ModelSize = RecordOf<typeof sizeFields>;

export type OfSize = keyof typeof ofSizeFields;
export const OF_SIZE = Object.keys(ofSizeFields) as OfSize[];

/** Reads a model that came from outside. */
export const catalogueModelInput = record(modelFields);

/** What one piece costs when so many are bought: the price of the highest break reached holds for all of them. */
export function priceEach({ price, breaks = [] }: ModelSize, quantity: number): number {
  let each = price;
  let reached = 0;
  for (const { from, price: lower } of breaks) {
    if (from > quantity || from <= reached) continue;
    each = lower;
    reached = from;
  }
  return each;
}

/** The model's size for a duty, if it is made in it. */
export function sizeFor(model: CatalogueModel, duty: Duty): ModelSize | undefined {
  return model.sizes.find((size) => size.dn === duty.dn);
}

/**
 * A model as it is made in one of its sizes: what the size says for itself goes before what the model says of all.
 *
 * @param model with its sizes
 * @param size  one of them
 *
 * @example
 * modelInSize({ ...plug, port: 'full' }, { dn: 300, price: 900, port: 'reduced' }).port // 'reduced'
 */
export function modelInSize<M extends CatalogueModel>(model: M, size: Pick<ModelSize, OfSize>): M {
  const own = OF_SIZE.filter((field) => size[field] !== undefined);
  if (own.length === 0) return model;
  const made = { ...model, ...Object.fromEntries(own.map((field) => [field, size[field]])) };
  // One says what it carries: a table or points of its own.
  if (size.points !== undefined) delete made.ratingId;
  else if (size.ratingId !== undefined) delete made.points;
  return made;
}

const candidates = new WeakMap<ModelSize, { of: CatalogueModel; candidate: Candidate }>();

/** A model in one of its sizes as a candidate of `select`; the same one each time, since nobody changes a model in place. */
export function candidateOf(model: CatalogueModel, size: ModelSize): Candidate {
  const known = candidates.get(size);
  if (known?.of === model) return known.candidate;
  const candidate = asCandidate(model, size);
  candidates.set(size, { of: model, candidate });
  return candidate;
}

function asCandidate(model: CatalogueModel, size: ModelSize): Candidate {
  const {
    maker: _maker,
    model: _model,
    taperAngleDeg: _taper,
    standard: _standard,
    normally: _normally,
    voltageV: _voltage,
    leastDifferentialPa: _differential,
    rangePa: _range,
    spares: _spares,
    sizes: _sizes,
    ...shared
  } = modelInSize(model, size);
  return { ...shared, ...(size.boreM !== undefined && { boreM: size.boreM }), unitPrice: size.price };
}
