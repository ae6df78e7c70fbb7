import { type NameItQuestion, typeDrawn } from '@grevik/core';
import { Slider, useMediaQuery } from '@mui/material';
import { useEffect, useState } from 'react';
import { Cutaway } from '../../../kit/cutaway/Cutaway';
import { translated, useWords } from '../../../words';
import styles from '../Drills.module.css';

const STEP_MS = 80;
const STEPS = 90;

/** A cutaway that opens and closes by itself until somebody takes its handle. It is told by what moves and what seals. */
export function MovingCutaway({ drawing, moves, seals }: NameItQuestion) {
  const words = useWords();
  const [step, setStep] = useState(0);
  const [held, setHeld] = useState<number>();
  const wantsStill = useMediaQuery('(prefers-reduced-motion: reduce)');
  const isStill = wantsStill || held !== undefined;
  useEffect(() => {
    if (isStill) return undefined;
    const timer = setInterval(() => setStep((before) => before + 1), STEP_MS);
    return () => clearInterval(timer);
  }, [isStill]);
  const opening = held ?? (1 - Math.cos((2 * Math.PI * step) / STEPS)) / 2;
  return (
    <div className={styles.drawing}>
      <Cutaway
        model={{ type: typeDrawn(drawing) }}
        opening={opening}
        isLarge
        said={`${translated(moves)} ${translated(seals)}`}
      />
      <Slider
        aria-label={words('lineUp.handle')}
        value={Math.round(opening * 100)}
        onChange={(_event, value) => setHeld(Number(value) / 100)}
      />
    </div>
  );
}
