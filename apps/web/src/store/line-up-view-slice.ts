import { type PayloadAction, createSlice } from '@reduxjs/toolkit';
import { keep, kept } from './kept';

/** One column a type, or one a model. */
export type LineUpView = 'types' | 'models';

const KEPT_AS = 'grevik.line-up';
const isView = (value: unknown): value is LineUpView => value === 'types' || value === 'models';

/** How this person looks at a line-up, on this device. */
const lineUpViewSlice = createSlice({
  name: 'lineUpView',
  initialState: (): LineUpView => kept<LineUpView>(KEPT_AS, 'types', isView),
  reducers: {
    viewChosen: (_current, { payload }: PayloadAction<LineUpView>) => payload,
  },
});

export const { viewChosen } = lineUpViewSlice.actions;
export const lineUpViewReducer = lineUpViewSlice.reducer;

/** Remembers the choice on this device. */
export function keepLineUpView(view: LineUpView): void {
  keep(KEPT_AS, view);
}
