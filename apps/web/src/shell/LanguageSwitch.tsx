import { LANGUAGES, LANGUAGE_NAMES, type Language } from '@grevik/words';
import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useWords } from '../words';
import styles from './LanguageSwitch.module.css';
import { useChooseLanguage, useLanguage } from './useLanguage';

/** Turns every word on the screen at once, each language called by its own name. */
export function LanguageSwitch() {
  const language = useLanguage();
  const choose = useChooseLanguage();
  const words = useWords();
  return (
    <ToggleButtonGroup
      exclusive
      className={styles.languages}
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
