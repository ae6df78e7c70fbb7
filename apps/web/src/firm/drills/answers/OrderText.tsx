import { TextField } from '@mui/material';
import { useWords } from '../../../words';

interface OrderTextProps {
  said: string;
  say: (text: string) => void;
  isOpen: boolean;
}

/** An order line as one would say it. */
export function OrderText({ said, say, isOpen }: OrderTextProps) {
  const words = useWords();
  return (
    <TextField
      label={words('drills.said')}
      helperText={words('drills.sayHint')}
      value={said}
      fullWidth
      multiline
      minRows={2}
      disabled={!isOpen}
      onChange={({ target }) => say(target.value)}
    />
  );
}
