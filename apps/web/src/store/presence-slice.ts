import type { PresenceView } from '@grevik/contracts';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

interface Presence {
  /** The position this page has open. */
  open: string | null;
  /** Who else has one open, as it was told last. */
  told: PresenceView | null;
}

/** Which position is open here, and who else has it open. */
const presenceSlice = createSlice({
  name: 'presence',
  initialState: { open: null, told: null } as Presence,
  reducers: {
    positionOpened: (state, { payload }: PayloadAction<string | null>) => {
      state.open = payload;
    },
    presenceTold: (state, { payload }: PayloadAction<PresenceView>) => {
      state.told = payload;
    },
  },
});

export const { positionOpened, presenceTold } = presenceSlice.actions;
export const presenceReducer = presenceSlice.reducer;
