import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

const within = (opening: number): number => Math.min(1, Math.max(0, opening));

/** How far the one handle that moves all cutaways is open, 0 to 1. */
const handleSlice = createSlice({
  name: 'handle',
  initialState: 1,
  reducers: {
    handleMoved: (_opening, { payload }: PayloadAction<number>) => within(payload),
    handleNudged: (opening, { payload }: PayloadAction<number>) => within(opening + payload),
  },
});

export const { handleMoved, handleNudged } = handleSlice.actions;
export const handleReducer = handleSlice.reducer;
