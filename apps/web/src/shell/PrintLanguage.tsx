import { LANGUAGES, LANGUAGE_NAMES, type Language } from '@grevik/words';
import { TextField } from '@mui/material';
import { useEffect, useState } from 'react';
import { speak, useWords } from '../words';
import { useLanguage } from './useLanguage';

export interface PrintedIn {
  language: Language;
  choose: (language: Language) => void;
}

/** The language a page is printed in: the person's own, until another is chosen for this page. It holds until one leaves it. */
export function usePrintLanguage(): PrintedIn {
  const own = useLanguage();
  const [chosen, choose] = useState<Language>();
  useEffect(() => {
    if (chosen === undefined) return undefined;
    void speak(chosen);
    return () => void speak(own);
  }, [chosen, own]);
  return { language: chosen ?? own, choose };
}

/** Chooses the language of what is printed here. */
export function PrintLanguage({ language, choose }: PrintedIn) {
  const words = useWords();
  return (
    <TextField
      select
      size="small"
      label={words('app.language')}
      value={language}
      onChange={({ target }) => choose(target.value as Language)}
      slotProps={{ select: { native: true } }}
    >
      {LANGUAGES.map((id) => (
        <option key={id} value={id} lang={id}>
          {LANGUAGE_NAMES[id]}
        </option>
      ))}
    </TextField>
  );
}
