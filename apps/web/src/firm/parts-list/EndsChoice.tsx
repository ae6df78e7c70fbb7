import { ENDS, type End, orderEndWords } from '@grevik/core';
import { Button } from '@mui/material';
import { useState } from 'react';
import { translated, useWords } from '../../words';
import styles from './PartsListPage.module.css';

/** What a fixture's tube or thread usually is. */
const FIXTURE_SIZES = ['3/8 in OD', '1/2 in OD', '1/4 in OD', '7/16 in OD', '1/2 in', '3/4 in'] as const;

interface EndsChoiceProps {
  isStop: boolean;
  why: string;
  line: number;
  take: (words: string) => void;
}

/** Each side its own connection; a stop's fixture side with its size. */
export function EndsChoice({ isStop, why, line, take }: EndsChoiceProps) {
  const words = useWords();
  const [first, setFirst] = useState<End>('fip');
  const [second, setSecond] = useState<End>(isStop ? 'od-compression' : 'fip');
  const [size, setSize] = useState<string>(FIXTURE_SIZES[0]);
  const side = (label: string, value: End, set: (end: End) => void) => (
    <select
      value={value}
      aria-label={`${label}, ${words('counter.ofLine', { line })}`}
      onChange={({ target }) => set(target.value as End)}
    >
      {ENDS.map((end) => (
        <option key={end} value={end}>
          {translated(orderEndWords(end))}
        </option>
      ))}
    </select>
  );
  return (
    <div className={styles.field} role="group" aria-label={words('specFields.ends')}>
      <b>{words('specFields.ends')}</b>
      {side(words(isStop ? 'counter.supply' : 'counter.inlet'), first, setFirst)}
      <span>×</span>
      {isStop && (
        <select
          value={size}
          aria-label={`${words('counter.fixtureSize')}, ${words('counter.ofLine', { line })}`}
          onChange={({ target }) => setSize(target.value)}
        >
          {FIXTURE_SIZES.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      )}
      {side(words(isStop ? 'counter.fixture' : 'counter.outlet'), second, setSecond)}
      <Button
        size="small"
        variant="outlined"
        onClick={() => take(`${orderEndWords(first)} x ${isStop ? `${size} ` : ''}${orderEndWords(second)}`)}
      >
        {words('counter.takeEnds')}
      </Button>
      <span>{why}</span>
    </div>
  );
}
