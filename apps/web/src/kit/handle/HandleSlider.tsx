import { Slider, SliderThumb } from '@mui/material';
import type { HTMLAttributes, ReactNode } from 'react';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { handleMoved } from '../../store/handle-slice';
import { useWords } from '../../words';
import styles from './HandleSlider.module.css';
import { WeightsButton } from './WeightsButton';

/** One handle for all: it moves every cutaway and the figures under it. */
export function HandleSlider({ children }: { children?: ReactNode }) {
  const words = useWords();
  return (
    <div className={`${styles.row} no-print`}>
      <h3 id="handle">{words('lineUp.handle')}</h3>
      <span className={styles.end}>{words('lineUp.shut')}</span>
      <Handle />
      <span className={styles.end}>{words('lineUp.openEnd')}</span>
      {children ?? <span className={styles.hint}>{words('lineUp.oneHandle')}</span>}
      <WeightsButton />
    </div>
  );
}

function Handle() {
  const opening = useAppSelector(({ handle }) => handle);
  const dispatch = useAppDispatch();
  const words = useWords();
  return (
    <Slider
      className={styles.slider}
      aria-labelledby="handle"
      value={Math.round(opening * 100)}
      min={0}
      max={100}
      step={1}
      getAriaValueText={(percent) => words('lineUp.percentOpen', { percent })}
      onChange={(_event, value) => dispatch(handleMoved(Number(value) / 100))}
      slots={SLOTS}
    />
  );
}

const SLOTS = { thumb: HandleThumb };

function HandleThumb({ children, ...thumb }: HTMLAttributes<HTMLSpanElement>) {
  const opening = useAppSelector(({ handle }) => handle);
  return (
    <SliderThumb {...thumb}>
      {children}
      <span className={styles.percent}>{Math.round(opening * 100)} %</span>
    </SliderThumb>
  );
}
