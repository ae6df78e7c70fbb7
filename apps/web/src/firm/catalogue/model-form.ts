import {
  type CatalogueModel,
  InvalidInput,
  catalogueModelInput,
  parseNominalSize,
  parseQuantity,
} from '@grevik/core';
import type { Figures } from '../../kit/useFigures';

/** A size as it is typed. */
export interface SizeTyped {
  dn: string;
  bore: string;
  kv: string;
  price: string;
  /** “10: 12.25; 50: 11”. */
  breaks: string;
}

/** A model as it is typed: every field a text, empty where it is not known. */
export interface ModelTyped {
  maker: string;
  model: string;
  type: string;
  port: string;
  pieces: string;
  bodyMaterial: string;
  seatMaterial: string;
  discMaterial: string;
  stem: string;
  plasticStem: string;
  operator: string;
  inlet: string;
  outlet: string;
  ratingId: string;
  /** “70 °F: 600 psi; 250 °F: 400 psi”: in place of a built-in table. */
  points: string;
  approvals: string[];
  listedIndicating: string;
  closeTimeS: string;
  lifeLow: string;
  lifeHigh: string;
  standard: string;
  /** A spare a line: “Seat kit: 4.50: 10”. */
  spares: string;
  sizes: SizeTyped[];
}

export const EMPTY_SIZE: SizeTyped = { dn: '', bore: '', kv: '', price: '', breaks: '' };

const shown = (value: string | number | undefined): string => (value === undefined ? '' : String(value));
const yesNo = (value: boolean | undefined): string => (value === undefined ? '' : value ? 'yes' : 'no');

/** A model as its form shows it, in the reader's units. */
export function typedModel(model: Partial<CatalogueModel>, figures: Figures): ModelTyped {
  const { ends = [], points = [], spares = [], lifeYears = [], sizes = [] } = model;
  return {
    maker: shown(model.maker),
    model: shown(model.model),
    type: shown(model.type),
    port: shown(model.port),
    pieces: shown(model.pieces),
    bodyMaterial: shown(model.bodyMaterial),
    seatMaterial: shown(model.seatMaterial),
    discMaterial: shown(model.discMaterial),
    stem: shown(model.stem),
    plasticStem: yesNo(model.plasticStem),
    operator: shown(model.operator),
    inlet: shown(ends[0]),
    outlet: shown(ends[1]),
    ratingId: shown(model.ratingId),
    points: points
      .map(
        ({ temperatureC, pressurePa }) =>
          `${figures.quantity(temperatureC, 'temperature')}: ${figures.quantity(pressurePa, 'pressure')}`,
      )
      .join('; '),
    approvals: [...(model.approvals ?? [])],
    listedIndicating: yesNo(model.listedIndicating),
    closeTimeS: shown(model.closeTimeS),
    lifeLow: shown(lifeYears[0]),
    lifeHigh: shown(lifeYears[1]),
    standard: shown(model.standard),
    spares: spares
      .map(({ name, price, everyYears }) =>
        [name, price, everyYears].filter((of) => of !== undefined).join(': '),
      )
      .join('\n'),
    sizes:
      sizes.length === 0
        ? [EMPTY_SIZE]
        : sizes.map(({ dn, boreM, kv, price, breaks = [] }) => ({
            dn: figures.size(dn),
            bore: boreM === undefined ? '' : `${Number((boreM * 1000).toPrecision(4))} mm`,
            kv: shown(kv),
            price: shown(price),
            breaks: breaks.map(({ from, price: each }) => `${from}: ${each}`).join('; '),
          })),
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
    ...text('port', typed.port),
    ...number('pieces', typed.pieces),
    ...text('bodyMaterial', typed.bodyMaterial),
    ...text('seatMaterial', typed.seatMaterial),
    ...text('discMaterial', typed.discMaterial),
    ...text('stem', typed.stem),
    ...flag('plasticStem', typed.plasticStem),
    ...text('operator', typed.operator),
    ...(typed.inlet !== '' || typed.outlet !== '' ? { ends: [typed.inlet, typed.outlet] } : {}),
    ...text('ratingId', typed.points.trim() === '' ? typed.ratingId : ''),
    ...(typed.points.trim() === ''
      ? {}
      : { points: typed.points === before.points ? was.points : pointsFrom(typed.points) }),
    ...(typed.approvals.length > 0 || was.approvals ? { approvals: typed.approvals } : {}),
    ...flag('listedIndicating', typed.listedIndicating),
    ...number('closeTimeS', typed.closeTimeS),
    ...(was.taperAngleDeg === undefined ? {} : { taperAngleDeg: was.taperAngleDeg }),
    ...(typed.lifeLow !== '' || typed.lifeHigh !== ''
      ? { lifeYears: [figure(typed.lifeLow), figure(typed.lifeHigh)] }
      : {}),
    ...text('standard', typed.standard.trim()),
    ...(typed.spares.trim() === '' ? {} : { spares: sparesFrom(typed.spares) }),
    sizes: typed.sizes.map((size, at) => {
      const old = was.sizes?.[at];
      const same = before.sizes[at];
      return {
        dn: old && same?.dn === size.dn ? old.dn : parseNominalSize(size.dn, `sizes[${at}].dn`),
        ...(size.bore.trim() === ''
          ? {}
          : {
              boreM:
                old?.boreM !== undefined && same?.bore === size.bore
                  ? old.boreM
                  : parseQuantity(size.bore, 'length', `sizes[${at}].boreM`),
            }),
        ...number('kv', size.kv),
        price: figure(size.price),
        ...(size.breaks.trim() === '' ? {} : { breaks: breaksFrom(size.breaks) }),
      };
    }),
  };
  return catalogueModelInput.read(raw, '');
}

const text = (field: string, typed: string): object => (typed === '' ? {} : { [field]: typed });
const number = (field: string, typed: string): object =>
  typed.trim() === '' ? {} : { [field]: figure(typed) };
const flag = (field: string, typed: string): object => (typed === '' ? {} : { [field]: typed === 'yes' });

/** A number as it is typed, or the text itself, so that the refusal shows it. */
function figure(typed: string): unknown {
  const value = Number(typed.trim().replace(',', '.'));
  return typed.trim() !== '' && Number.isFinite(value) ? value : typed;
}

const parts = (typed: string, between: string): string[] =>
  typed
    .split(between)
    .map((part) => part.trim())
    .filter((part) => part !== '');

function pointsFrom(typed: string): unknown[] {
  return parts(typed, ';').map((part) => {
    const [temperature = '', pressure] = part.split(':');
    if (pressure === undefined)
      throw new InvalidInput('points', `“${part}”: write temperature and pressure, like 70 °F: 600 psi.`);
    return {
      temperatureC: parseQuantity(temperature, 'temperature', 'points'),
      pressurePa: parseQuantity(pressure, 'pressure', 'points'),
    };
  });
}

const breaksFrom = (typed: string): unknown[] =>
  parts(typed, ';').map((part) => {
    const [from = '', price = ''] = part.split(':');
    return { from: figure(from), price: figure(price) };
  });

const sparesFrom = (typed: string): unknown[] =>
  parts(typed, '\n').map((line) => {
    const [name = '', price = '', years] = line.split(':').map((part) => part.trim());
    return { name, price: figure(price), ...(years !== undefined && { everyYears: figure(years) }) };
  });
