import { UNIT_SYSTEMS, type UnitSystem } from '@grevik/core';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';
import { keep, kept } from './kept';

const KEPT_AS = 'grevik.units';
const isSystem = (value: unknown): value is UnitSystem => UNIT_SYSTEMS.some((system) => system === value);

/** The system figures are shown in. Nothing stored changes with it. */
const unitsSlice = createSlice({
  name: 'units',
  initialState: (): UnitSystem => kept<UnitSystem>(KEPT_AS, 'us', isSystem),
  reducers: {
    unitsChosen: (_current, { payload }: PayloadAction<UnitSystem>) => payload,
  },
});

export const { unitsChosen } = unitsSlice.actions;
export const unitsReducer = unitsSlice.reducer;

/** Remembers the choice on this device. */
export function keepUnits(system: UnitSystem): void {
  keep(KEPT_AS, system);
}
