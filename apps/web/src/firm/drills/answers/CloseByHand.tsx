import type { HandlePoint, ShutItQuestion } from '@grevik/core';
import { Button, TextField } from '@mui/material';
import { useState } from 'react';
import { CloseYourself } from '../../../kit/handle/CloseYourself';
import { useWords } from '../../../words';
import styles from '../Drills.module.css';

/** Turns of a stem, from open to closed, as it is drawn. */
const TURNS = { ball: 0.25, butterfly: 0.25, gate: 8, 'globe-linear': 5 } as const;
const MOST_POINTS = 400;

interface CloseByHandProps {
  question: ShutItQuestion;
  closing: readonly HandlePoint[] | undefined;
  close: (closing: HandlePoint[]) => void;
  isOpen: boolean;
}

/** The handle, closed by hand at one’s own speed; or evenly, in a time that is typed. */
export function CloseByHand({ question, closing, close, isOpen }: CloseByHandProps) {
  const words = useWords();
  const [typed, setTyped] = useState('');
  const seconds = Number(typed);
  const took = closing?.at(-1)?.timeS;
  const closed = (points: HandlePoint[]): void => {
    if (isOpen && points.at(-1)?.opening === 0) close(thinned(points));
  };
  return (
    <div>
      <CloseYourself valve={{ turns: TURNS[question.law] }} closed={closed} />
      <div className={styles.start}>
        <TextField
          size="small"
          label={words('drills.evenlyTime')}
          value={typed}
          disabled={!isOpen}
          onChange={({ target }) => setTyped(target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
        <Button
          variant="outlined"
          disabled={!isOpen || !(seconds > 0 && seconds <= 600)}
          onClick={() =>
            close([
              { timeS: 0, opening: 1 },
              { timeS: seconds, opening: 0 },
            ])
          }
        >
          {words('drills.evenly')}
        </Button>
      </div>
      {took !== undefined && (
        <p role="status">
          <b>{words('drills.closedIn', { seconds: took.toFixed(1) })}</b>
        </p>
      )}
    </div>
  );
}

/** Every so many of the points, with the first and the last of them. */
function thinned(points: readonly HandlePoint[]): HandlePoint[] {
  const each = Math.ceil(points.length / MOST_POINTS);
  return points.filter((_, at) => at % each === 0 || at === points.length - 1);
}
