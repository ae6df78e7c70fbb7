import type { PositionView } from '@grevik/contracts';
import type { ReactNode } from 'react';
import styles from './StepHead.module.css';
import { shortName } from './position-name';
import { useFigures } from './useFigures';

interface StepHeadProps {
  position: PositionView;
  title: string;
  /** Said after the place, like what is picked there. */
  also?: string;
  /** What can be done here. */
  children?: ReactNode;
}

/** The head of a step's screen: which position, what is done with it, where it is. */
export function StepHead({ position, title, also, children }: StepHeadProps) {
  const figures = useFigures();
  return (
    <header className={styles.head}>
      <div>
        <span className={styles.tag}>
          {position.tag} · {figures.size(position.duty.dn)}
        </span>
        <h1>{title}</h1>
        <span className={styles.place}>{[shortName(position), also].filter(Boolean).join(' · ')}</span>
      </div>
      {children}
    </header>
  );
}
