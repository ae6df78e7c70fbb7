import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useColorScheme } from '@mui/material/styles';
import { useWords } from '../words';

const MODES = ['light', 'dark', 'system'] as const;
type Mode = (typeof MODES)[number];

/** Light, dark, or as the device is set. */
export function ThemeSwitch() {
  const { mode, setMode } = useColorScheme();
  const words = useWords();
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={mode ?? 'system'}
      aria-label={words('theme.label')}
      onChange={(_event, chosen: Mode | null) => chosen && setMode(chosen)}
    >
      {MODES.map((id) => (
        <ToggleButton key={id} value={id}>
          {words(`theme.${id}`)}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
