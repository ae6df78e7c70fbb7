import { CV_PER_KV, InvalidInput, readNumber } from '@grevik/core';
import { useId, useState } from 'react';
import { type Figures, useFigures } from '../../../kit/useFigures';
import { decimalSign, translated, useWords } from '../../../words';
import styles from './CaseFields.module.css';
import type { FieldOf } from './case-fields';
import { readQuantity } from '../../../kit/read-quantity';

interface AmountFieldProps {
  /** Written before it; its full name is the field's. */
  label: string;
  field: FieldOf<number>;
  value: number;
  set: (value: number) => void;
}

/** A figure as people type it, with its unit; what can not be read or is out of range is said, and nothing is set. */
export function AmountField({ label, field, value, set }: AmountFieldProps) {
  const figures = useFigures();
  const words = useWords();
  const [typed, setTyped] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const troubleId = useId();
  const say = (amount: number): string => sayAmount(amount, field, figures);

  const take = (): void => {
    if (typed === undefined || typed.trim() === say(value)) return leave();
    try {
      const amount = readAmount(typed, field, figures, label);
      if (!(amount >= field.min && amount <= field.max))
        return setTrouble(
          words('bench.outOfRange', { typed: typed.trim(), least: say(field.min), most: say(field.max) }),
        );
      set(amount);
      leave();
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      setTrouble(translated(error.message));
    }
  };
  const leave = (): void => {
    setTyped(undefined);
    setTrouble(undefined);
  };

  return (
    <div className={styles.line}>
      <label>
        {label}
        <input
          value={typed ?? say(value)}
          autoComplete="off"
          inputMode={field.as === 'count' ? 'numeric' : 'text'}
          aria-label={field.label}
          aria-invalid={trouble !== undefined}
          {...(trouble !== undefined && { 'aria-describedby': troubleId })}
          onFocus={({ target }) => target.select()}
          onChange={({ target }) => {
            setTyped(target.value);
            setTrouble(undefined);
          }}
          onBlur={take}
          onKeyDown={(event) => {
            if (event.key === 'Enter') take();
            if (event.key === 'Escape') leave();
          }}
        />
      </label>
      {trouble !== undefined && (
        <span id={troubleId} role="alert">
          {trouble}
        </span>
      )}
    </div>
  );
}

function sayAmount(amount: number, { as }: FieldOf<number>, figures: Figures): string {
  switch (as) {
    case 'count':
      return String(Math.round(amount));
    case 'figure':
      return String(Number(amount.toPrecision(3)));
    case 'percent':
      return `${Number((amount * 100).toPrecision(3))} %`;
    case 'degrees':
      return `${Math.round(amount)}°`;
    case 'capacity':
      return figures.capacity(amount);
    default:
      return figures.quantity(amount, as);
  }
}

/** What was typed, in SI; not a number where it can not be read as one. */
function readAmount(typed: string, { as }: FieldOf<number>, { system }: Figures, label: string): number {
  const plain = plainFigure(/^\s*([\d.,]+)\s*[%°]?\s*$/.exec(typed)?.[1]);
  switch (as) {
    case 'count':
      return Math.round(plain);
    case 'percent':
      return plain / 100;
    case 'figure':
    case 'degrees':
      return plain;
    case 'capacity': {
      const [, said, figure] = /^\s*(kv|cv)?\s*([\d.,]+)\s*(?:m³\/h|m3\/h)?\s*$/i.exec(typed) ?? [];
      const isCv = (said ?? (system === 'us' ? 'cv' : 'kv')).toLowerCase() === 'cv';
      return plainFigure(figure) / (isCv ? CV_PER_KV : 1);
    }
    default:
      return readQuantity(typed, as, label);
  }
}

/** A figure without a unit, as its reader writes decimals; not a number where it cannot be read, or in two ways. */
function plainFigure(typed: string | undefined): number {
  const read = readNumber(typed ?? '', decimalSign());
  return 'trouble' in read || read.rest !== '' ? Number.NaN : read.value;
}
