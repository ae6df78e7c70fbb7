import type { PositionView } from '@grevik/contracts';
import type { PositionDuty } from '@grevik/core';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';
import { dequal } from 'dequal';
import { changedOn } from './changed-on';

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
    /** Of two changes made from the same duty, the second is put on the first. */
    clashed: (before: Clash | null, { payload }: PayloadAction<Clash>): Clash | null =>
      before?.current.id === payload.current.id && dequal(before.base, payload.base)
        ? { ...payload, mine: changedOn(payload.base, payload.mine, before.mine) }
        : payload,
    merged: (): Clash | null => null,
  },
});

export const { clashed, merged } = mergeSlice.actions;
export const mergeReducer = mergeSlice.reducer;
