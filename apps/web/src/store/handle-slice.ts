import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

/** How far the one handle that moves all cutaways is open, 0 to 1. */
const handleSlice = createSlice({
  name: 'handle',
  initialState: 1,
  reducers: {
    handleMoved: (_opening, { payload }: PayloadAction<number>) => Math.min(1, Math.max(0, payload)),
  },
});

export const { handleMoved } = handleSlice.actions;
export const handleReducer = handleSlice.reducer;
