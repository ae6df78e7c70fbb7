import { LANGUAGES, LANGUAGE_NAMES, type Language } from '@grevik/words';
import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useWords } from '../words';
import { useChooseLanguage, useLanguage } from './useLanguage';

/** Turns every word on the screen at once, each language called by its own name. */
export function LanguageSwitch() {
  const language = useLanguage();
  const choose = useChooseLanguage();
  const words = useWords();
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={language}
      aria-label={words('app.language')}
      onChange={(_event, chosen: Language | null) => chosen && choose(chosen)}
    >
      {LANGUAGES.map((id) => (
        <ToggleButton key={id} value={id} lang={id}>
          {LANGUAGE_NAMES[id]}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
