import { type Quantity, parseQuantity } from '@grevik/core';
import { decimalSign } from '../words';

/**
 * Reads a quantity as its reader writes decimals.
 *
 * @throws InvalidInput as `parseQuantity` does
 */
export const readQuantity = (typed: string, quantity: Quantity, field?: string): number =>
  parseQuantity(typed, quantity, field, decimalSign());
