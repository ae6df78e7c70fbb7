import { type CatalogueModel, InvalidInput, type Quantity } from '@grevik/core';
import type { Figures } from '../../kit/useFigures';
import { readQuantity } from '../../kit/read-quantity';

/** A fact as its field shows it: empty where it is not known. */
export const shown = (value: string | number | undefined): string =>
  value === undefined ? '' : String(value);

/** A figure with its unit as its field shows it. */
export const measured = (value: number | undefined, quantity: Quantity, figures: Figures): string =>
  value === undefined ? '' : figures.quantity(value, quantity);

/** Rating points as they are typed: “70 °F: 600 psi; 250 °F: 400 psi”. */
export const typedPoints = (points: NonNullable<CatalogueModel['points']>, figures: Figures): string =>
  points
    .map(
      ({ temperatureC, pressurePa }) =>
        `${figures.quantity(temperatureC, 'temperature')}: ${figures.quantity(pressurePa, 'pressure')}`,
    )
    .join('; ');

export const text = (field: string, typed: string): object => (typed === '' ? {} : { [field]: typed });
export const number = (field: string, typed: string): object =>
  typed.trim() === '' ? {} : { [field]: figure(typed) };

/** A number as it is typed, or the text itself, so that the refusal shows it. */
export function figure(typed: string): unknown {
  const value = Number(typed.trim().replace(',', '.'));
  return typed.trim() !== '' && Number.isFinite(value) ? value : typed;
}

/** What stands between separators, without blanks. */
export const parts = (typed: string, between: string): string[] =>
  typed
    .split(between)
    .map((part) => part.trim())
    .filter((part) => part !== '');

/**
 * Reads rating points.
 * @throws InvalidInput naming the field
 */
export function pointsFrom(typed: string, field: string): unknown[] {
  return parts(typed, ';').map((part) => {
    const [temperature = '', pressure] = part.split(':');
    if (pressure === undefined)
      throw new InvalidInput(field, `“${part}”: write temperature and pressure, like 70 °F: 600 psi.`);
    return {
      temperatureC: readQuantity(temperature, 'temperature', field),
      pressurePa: readQuantity(pressure, 'pressure', field),
    };
  });
}
