import type { Language } from '@grevik/words';
import { useEffect } from 'react';
import { languageChosen } from '../store/language-slice';
import { useKeepLanguageMutation, useSessionQuery } from '../store/people-api';
import { useAppDispatch, useAppSelector } from '../store/store';

/** The language of the screen. */
export const useLanguage = (): Language => useAppSelector(({ language }) => language);

/** Chooses a language: at once on this device, and for the person on every other. */
export function useChooseLanguage(): (language: Language) => void {
  const dispatch = useAppDispatch();
  const session = useSessionQuery().data?.session;
  const [keep] = useKeepLanguageMutation();
  return (language) => {
    dispatch(languageChosen(language));
    if (session && !session.company.isDemo) void keep(language);
  };
}

/** Speaks the language that whoever signs in has chosen, here or elsewhere. */
export function useOwnLanguage(): void {
  const dispatch = useAppDispatch();
  const { person, language } = useSessionQuery().data?.session ?? {};
  useEffect(() => {
    if (language) dispatch(languageChosen(language));
  }, [person?.id, language, dispatch]);
}
