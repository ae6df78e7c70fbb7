import type { ReadingRequest } from '@grevik/contracts';
import { EXAMPLES, InvalidInput } from '@grevik/core';
import { TextField } from '@mui/material';
import { useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import type { Way } from './reading-from';
import { ReadingFrom } from './ReadingFrom';
import styles from './StartUp.module.css';
import { useNewReading } from './useNewReading';
import { readQuantity } from '../../kit/read-quantity';

const WAYS: readonly Way[] = ['logger', 'imported'];

interface ReducerStartProps {
  /** The position of the reducer. */
  item: string;
  /** Its setting, where it is asked for, Pa gauge. */
  setPa: number | undefined;
}

/** Begins the reading of a reducer, by a logger or from its file. */
export function ReducerStart({ item, setPa }: ReducerStartProps) {
  const words = useWords();
  const figures = useFigures();
  const [typed, setTyped] = useState(setPa === undefined ? '' : figures.quantity(setPa, 'pressure'));
  const reading = useNewReading();
  const { way, log } = reading.from;
  const begun = (): Pick<ReadingRequest, 'item' | 'reducer'> => {
    if (way === 'imported' && log?.samples.every(({ flowM3s }) => flowM3s === undefined))
      throw new InvalidInput('flow', words('reducer.noFlow'));
    return { item, reducer: { setPa: readQuantity(typed, 'pressure') } };
  };
  return (
    <details className="no-print">
      <summary>{words('reducer.read')}</summary>
      <form
        className={styles.start}
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void reading.start(begun);
        }}
      >
        <TextField
          size="small"
          label={words('reducer.setTo')}
          value={typed}
          placeholder={EXAMPLES.pressure}
          sx={{ width: 200 }}
          onChange={({ target }) => setTyped(target.value)}
          slotProps={{ htmlInput: { autoComplete: 'off' } }}
        />
        <ReadingFrom step="reducer" ways={WAYS} reading={reading} />
      </form>
    </details>
  );
}
