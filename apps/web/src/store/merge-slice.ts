import type { PositionView } from '@grevik/contracts';
import type { PositionDuty } from '@grevik/core';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

/** A duty that two people changed at once: what both started from, what was wanted here, and the position as it is now. */
export interface Clash {
  lineId: string;
  base: PositionDuty;
  mine: PositionDuty;
  current: PositionView;
}

/** The clash that waits for a decision, if there is one. */
const mergeSlice = createSlice({
  name: 'merge',
  initialState: (): Clash | null => null,
  reducers: {
    clashed: (_before: Clash | null, { payload }: PayloadAction<Clash>): Clash | null => payload,
    merged: (): Clash | null => null,
  },
});

export const { clashed, merged } = mergeSlice.actions;
export const mergeReducer = mergeSlice.reducer;
