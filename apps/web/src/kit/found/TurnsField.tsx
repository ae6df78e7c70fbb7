import { TextField } from '@mui/material';
import { useWords } from '../../words';

/** More than any valve has: a slip of the finger. */
const MOST_TURNS = 2000;

/** Turns as they are typed: a number, nothing, or not a number of turns. */
export function turnsOf(text: string): number | undefined | 'wrong' {
  if (text.trim() === '') return undefined;
  const turns = Number(text.replace(',', '.'));
  return turns >= 0 && turns <= MOST_TURNS ? turns : 'wrong';
}

/** The turns counted from one end of the travel to the other. */
export function TurnsField({ text, change }: { text: string; change: (text: string) => void }) {
  const words = useWords();
  return (
    <TextField
      size="small"
      label={words('log.turns')}
      value={text}
      error={turnsOf(text) === 'wrong'}
      onChange={({ target }) => change(target.value)}
      slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
    />
  );
}
