import type { Calculation } from '../ground/calculation/index.js';
import { InvalidInput } from '../ground/input/index.js';
import { CALCULATIONS } from './registry.js';

/** Most inputs taken in one call. */
export const MOST_INPUTS = 100_000;

/** What a failed input answers, in the shell and over HTTP. */
export interface CalculationFailure {
  error: { code: 'invalid-input'; field: string; message: string };
}

/** The calculation of a name, or undefined. */
export function findCalculation(name: string): Calculation | undefined {
  return CALCULATIONS.find((calculation) => calculation.name === name);
}

/**
 * Runs a calculation on one unread input.
 *
 * @returns its result: every number in it is finite
 * @throws InvalidInput naming the field; also where the figures given lead beyond what numbers hold
 *
 * @example
 * calculate(findCalculation('valve-loss'), { flowM3s: 0, densityKgM3: 998, diameterM: 0.02, kv: 5 }) // { pressureDropPa: 0, ... }
 */
export function calculate(calculation: Calculation, input: unknown): unknown {
  const result = calculation.run(calculation.input.read(input, ''));
  const broken = firstUnbounded(result);
  if (broken !== undefined) {
    throw new InvalidInput(
      'input',
      `These figures are beyond what can be computed (${broken || 'the result'}): check their size and units.`,
    );
  }
  return result;
}

/** The same, answering a refusal in place of throwing it: for lists, where each input stands alone. */
export function calculateOrRefuse(calculation: Calculation, input: unknown): unknown {
  try {
    return calculate(calculation, input);
  } catch (error) {
    return failureOf(error);
  }
}

/** The answer for a refused input. Anything else is a fault of the program and is thrown on. */
export function failureOf(error: unknown): CalculationFailure {
  if (!(error instanceof InvalidInput)) throw error;
  return { error: { code: error.code, field: error.field, message: error.message } };
}

/** The path of the first number that is not finite; undefined where there is none. Built only on the way back from one. */
function firstUnbounded(value: unknown): string | undefined {
  if (typeof value === 'number') return Number.isFinite(value) ? undefined : '';
  if (typeof value !== 'object' || value === null) return undefined;
  for (const name of Object.keys(value)) {
    const inside = firstUnbounded((value as Record<string, unknown>)[name]);
    if (inside !== undefined) return inside === '' ? name : `${name}.${inside}`;
  }
  return undefined;
}
