import type { ShutItQuestion } from '@grevik/core';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';
import styles from '../Drills.module.css';

const WATER_N_M3 = 9789;

/** The pipe before the valve, what it may take, and the clock. */
export function PipeToShut({
  lengthM,
  diameterM,
  initialFlowM3s,
  sourceHeadM,
  limitPa,
  withinS,
  law,
}: ShutItQuestion) {
  const words = useWords();
  const figures = useFigures();
  return (
    <>
      <p className={styles.said}>
        {words('drills.pipe', {
          length: figures.about(lengthM),
          velocity: figures.quantity(initialFlowM3s / ((Math.PI / 4) * diameterM ** 2), 'velocity'),
          law: words(`drills.laws.${law}`),
        })}
      </p>
      <p>
        {words('drills.limit', {
          pressure: figures.quantity(limitPa, 'pressure'),
          standing: figures.quantity(sourceHeadM * WATER_N_M3, 'pressure'),
          seconds: withinS,
        })}
      </p>
    </>
  );
}
