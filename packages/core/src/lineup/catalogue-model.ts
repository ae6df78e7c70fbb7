import { type RecordOf, list, number, optional, record, text } from '../input/index.js';
import { type Candidate, type Duty, candidateFields } from '../selection/index.js';

const { boreM: _boreM, unitPrice: _unitPrice, ...modelled } = candidateFields;

const sizeFields = {
  dn: number({ unit: 'DN', integer: true, above: 0, max: 3000 }),
  boreM: optional(number({ unit: 'm', above: 0 })),
  kv: optional(number({ unit: 'm3/h at 1 bar, from the sheet', above: 0 })),
  price: number({ unit: "the company's currency, each", min: 0 }),
};

const modelFields = {
  maker: text(80),
  model: text(80),
  ...modelled,
  taperAngleDeg: optional(number({ unit: 'degrees', above: 0, max: 180 })),
  sizes: list(record(sizeFields), { least: 1, most: 40 }),
};

/** A valve as a catalogue holds it: what all its sizes share, and what each size has of its own. */
export type CatalogueModel = RecordOf<typeof modelFields>;
export type ModelSize = RecordOf<typeof sizeFields>;

/** Reads a model that came from outside. */
export const catalogueModelInput = record(modelFields);

/** The model's size for a duty, if it is made in it. */
export function sizeFor(model: CatalogueModel, duty: Duty): ModelSize | undefined {
  return model.sizes.find((size) => size.dn === duty.dn);
}

/** A model in one of its sizes as a candidate of `select`. */
export function candidateOf(model: CatalogueModel, size: ModelSize): Candidate {
  const { maker: _maker, model: _model, taperAngleDeg: _taper, sizes: _sizes, ...shared } = model;
  return { ...shared, ...(size.boreM !== undefined && { boreM: size.boreM }), unitPrice: size.price };
}
