import { Slider, SliderThumb } from '@mui/material';
import type { HTMLAttributes } from 'react';
import { useAppDispatch, useAppSelector } from '../store/store';
import { handleMoved } from '../store/handle-slice';
import styles from './HandleSlider.module.css';

/** One handle for all: it moves every cutaway and the figures under it. */
export function HandleSlider() {
  const opening = useAppSelector(({ handle }) => handle);
  const dispatch = useAppDispatch();
  return (
    <div className={styles.row}>
      <h3 id="handle">Handle</h3>
      <span>shut</span>
      <Slider
        className={styles.slider}
        aria-labelledby="handle"
        value={Math.round(opening * 100)}
        min={0}
        max={100}
        step={1}
        getAriaValueText={(value) => `${value} % open`}
        onChange={(_event, value) => dispatch(handleMoved(Number(value) / 100))}
        slots={{ thumb: HandleThumb }}
      />
      <span>open</span>
      <span className={styles.hint}>one handle moves them all</span>
    </div>
  );
}

function HandleThumb({ children, ...thumb }: HTMLAttributes<HTMLSpanElement>) {
  const opening = useAppSelector(({ handle }) => handle);
  return (
    <SliderThumb {...thumb}>
      {children}
      <span className={styles.percent}>{Math.round(opening * 100)} %</span>
    </SliderThumb>
  );
}
