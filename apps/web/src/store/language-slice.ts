import { LANGUAGES, type Language, languageFor } from '@grevik/words';
import { type PayloadAction, createSlice } from '@reduxjs/toolkit';
import { keep, kept } from './kept';

const KEPT_AS = 'grevik.language';
const isLanguage = (value: unknown): value is Language => LANGUAGES.some((language) => language === value);

/** The language of the screen: as chosen on this device, at first as the browser says. */
const languageSlice = createSlice({
  name: 'language',
  initialState: (): Language => kept<Language>(KEPT_AS, languageFor(navigator.languages), isLanguage),
  reducers: {
    languageChosen: (_current, { payload }: PayloadAction<Language>) => payload,
  },
});

export const { languageChosen } = languageSlice.actions;
export const languageReducer = languageSlice.reducer;

/** Follows what is chosen in another window of this browser. */
export function followLanguage(dispatch: (action: ReturnType<typeof languageChosen>) => void): void {
  window.addEventListener('storage', ({ key }) => {
    if (key === KEPT_AS) dispatch(languageChosen(kept<Language>(KEPT_AS, 'en', isLanguage)));
  });
}

/** Remembers the choice on this device. */
export function keepLanguage(language: Language): void {
  keep(KEPT_AS, language);
}
