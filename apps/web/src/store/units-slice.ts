import { UNIT_SYSTEMS, type UnitSystem } from '@grevik/core';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

const KEPT_AS = 'grevik.units';

/** The system figures are shown in. Nothing stored changes with it. */
const unitsSlice = createSlice({
  name: 'units',
  initialState: (): UnitSystem =>
    UNIT_SYSTEMS.find((system) => system === localStorage.getItem(KEPT_AS)) ?? 'us',
  reducers: {
    unitsChosen: (_current, { payload }: PayloadAction<UnitSystem>) => payload,
  },
});

export const { unitsChosen } = unitsSlice.actions;
export const unitsReducer = unitsSlice.reducer;

/** Remembers the choice on this device. */
export function keepUnits(system: UnitSystem): void {
  localStorage.setItem(KEPT_AS, system);
}
