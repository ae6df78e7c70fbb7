import type { Quantity } from '@grevik/core';

/** How one figure of a case is set. */
export type FieldOf<T> = [T] extends [number]
  ? | { label: string; as: Quantity; min: number; max: number; even?: boolean }
    | {
        label: string;
        as: 'count' | 'figure' | 'percent' | 'capacity' | 'degrees';
        min: number;
        max: number;
        even?: boolean;
      }
  : [T] extends [boolean]
    ? { label: string; as: 'switch' }
    : { label: string; as: 'choice'; choices: readonly T[]; say: (choice: T) => string };

/** Every figure of a case as an address carries it; what is marked hidden is not set by hand. */
export type FieldsOf<C> = { readonly [K in keyof C]?: FieldOf<C[K]> & { hidden?: true } };

export type AnyField = FieldOf<number> | FieldOf<boolean> | FieldOf<string>;

const STEPS = 400;

/** Where a figure stands on its slider: by its logarithm, unless it is told to go evenly or reaches down to nothing. */
export function toSlider(
  value: number,
  { min, max, even }: { min: number; max: number; even?: boolean },
): number {
  if (even || min <= 0) return Math.round(((value - min) / (max - min)) * STEPS);
  return Math.round((Math.log(value / min) / Math.log(max / min)) * STEPS);
}

/** The figure at a place of its slider, to three figures that count. */
export function fromSlider(
  step: number,
  { min, max, even }: { min: number; max: number; even?: boolean },
): number {
  const share = step / STEPS;
  const value = even || min <= 0 ? min + share * (max - min) : min * (max / min) ** share;
  return step === STEPS ? max : step === 0 ? min : Number(value.toPrecision(3));
}

export const SLIDER_STEPS = STEPS;

/** Reads a figure of an address; undefined where it is none that the field takes. */
export function readField(text: string, field: AnyField): number | boolean | string | undefined {
  if (field.as === 'switch') return text === '1' ? true : text === '0' ? false : undefined;
  if (field.as === 'choice') return (field.choices as readonly string[]).includes(text) ? text : undefined;
  const value = text.trim() === '' ? Number.NaN : Number(text);
  return value >= field.min && value <= field.max ? value : undefined;
}

/** A figure as an address carries it. */
export const writeField = (value: unknown): string =>
  typeof value === 'boolean' ? (value ? '1' : '0') : String(value);
