import {
  EXAMPLES,
  type HoldGiven,
  type Quantity,
  type StartedLine,
  hasPlastic,
  heldLine,
  heldPipe,
} from '@grevik/core';
import { MenuItem, TextField } from '@mui/material';
import { useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import type { Way } from './reading-from';
import { ReadingFrom } from './ReadingFrom';
import styles from './StartUp.module.css';
import { useNewReading } from './useNewReading';
import { readQuantity } from '../../kit/read-quantity';

interface HoldStartProps {
  line: StartedLine;
  by: 'air' | 'water';
  /** As its kind of line is usually held; undefined where that is not known. */
  pressurePa: number | undefined;
  holdS: number | undefined;
}

const WAYS: readonly Way[] = ['logger', 'imported', 'typed'];

/** Begins a reading: what it is judged by, and where its samples come from. */
export function HoldStart({ line, by, pressurePa, holdS }: HoldStartProps) {
  const words = useWords();
  const figures = useFigures();
  const shown = (value: number | undefined, quantity: Quantity): string =>
    value === undefined ? '' : figures.quantity(value, quantity);
  const [kind, setKind] = useState(by);
  const [typed, setTyped] = useState({
    pressure: shown(pressurePa, 'pressure'),
    time: shown(holdS, 'time'),
    gauge: '',
  });
  const reading = useNewReading();
  const isForbidden = kind === 'air' && hasPlastic(line);

  const given = (): HoldGiven => {
    const gaugeResolutionPa = typed.gauge.trim() === '' ? undefined : readQuantity(typed.gauge, 'pressure');
    const { volumeM3 } = heldLine(line);
    const pipe = kind === 'water' ? heldPipe(line) : undefined;
    return {
      kind,
      testPressurePa: readQuantity(typed.pressure, 'pressure'),
      holdS: readQuantity(typed.time, 'time'),
      ...(gaugeResolutionPa !== undefined && { gaugeResolutionPa }),
      ...(volumeM3 !== undefined && volumeM3 > 0 && { volumeM3 }),
      ...(pipe && { pipe }),
    };
  };
  const field = (name: 'pressure' | 'time' | 'gauge', quantity: Quantity) => (
    <TextField
      size="small"
      label={words(`hold.${name}`)}
      value={typed[name]}
      placeholder={EXAMPLES[quantity]}
      sx={{ width: 200 }}
      onChange={({ target }) => setTyped((before) => ({ ...before, [name]: target.value }))}
      slotProps={{ htmlInput: { autoComplete: 'off' } }}
    />
  );
  return (
    <form
      className={`${styles.start} no-print`}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void reading.start(() => ({ given: given() }));
      }}
    >
      <div className={styles.fields}>
        <TextField
          select
          size="small"
          label={words('hold.fill')}
          value={kind}
          onChange={({ target }) => setKind(target.value as 'air' | 'water')}
          sx={{ minWidth: 150 }}
        >
          {(['air', 'water'] as const).map((of) => (
            <MenuItem key={of} value={of}>
              {words(`hold.fills.${of}`)}
            </MenuItem>
          ))}
        </TextField>
        {field('pressure', 'pressure')}
        {field('time', 'time')}
        {field('gauge', 'pressure')}
      </div>
      <ReadingFrom step="hold" ways={WAYS} reading={reading} isForbidden={isForbidden} />
    </form>
  );
}
