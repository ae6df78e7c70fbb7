import { STANDARD_WEIGHTS, WEIGHTED, type Weights } from '@grevik/core';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';
import { keep, kept } from './kept';

const KEPT_AS = 'grevik.weights';

function isWeights(value: unknown): value is Weights {
  if (typeof value !== 'object' || value === null) return false;
  const given = value as Record<string, unknown>;
  return WEIGHTED.every((part) => {
    const weight = given[part];
    return typeof weight === 'number' && weight >= 0 && weight <= 100;
  });
}

/** What counts how much in the order of the columns, on this device. */
const weightsSlice = createSlice({
  name: 'weights',
  initialState: (): Weights => kept(KEPT_AS, STANDARD_WEIGHTS, isWeights),
  reducers: {
    weighed: (weights, { payload }: PayloadAction<Partial<Weights>>) => ({ ...weights, ...payload }),
  },
});

export const { weighed } = weightsSlice.actions;
export const weightsReducer = weightsSlice.reducer;

/** Remembers the choice on this device. */
export function keepWeights(weights: Weights): void {
  keep(KEPT_AS, weights);
}
