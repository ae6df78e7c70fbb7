import { Button } from '@mui/material';
import styles from './VisitPage.module.css';

interface ChoiceProps<T extends string> {
  label: string;
  options: readonly { value: T; words: string }[];
  value: T | undefined;
  /** Undefined where the one chosen was pressed again. */
  choose: (value: T | undefined) => void;
}

/** One of a few, large enough for a thumb; pressed again it is taken back. */
export function Choice<T extends string>({ label, options, value, choose }: ChoiceProps<T>) {
  return (
    <fieldset className={styles.choice}>
      <legend>{label}</legend>
      <div className={styles.row}>
        {options.map((option) => (
          <Button
            key={option.value}
            variant={option.value === value ? 'contained' : 'outlined'}
            aria-pressed={option.value === value}
            onClick={() => choose(option.value === value ? undefined : option.value)}
          >
            {option.words}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}
