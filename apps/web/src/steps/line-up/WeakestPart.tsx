import type { PressureRating } from '@grevik/core';
import { memo } from 'react';
import { translated, useWords } from '../../words';
import { useFigures } from '../../kit/useFigures';
import styles from './WeakestPart.module.css';

/** What the weakest part carries, with the demand drawn against it. */
export const WeakestPart = memo(function WeakestPart({ rating }: { rating?: PressureRating | undefined }) {
  const figures = useFigures();
  const words = useWords();
  if (!rating) return <>{words('lineUp.ratingUnknown')}</>;
  if (rating.verdict === 'not-rated')
    return <>{words('lineUp.notRated', { part: translated(rating.governing) })}</>;
  const used = Math.min(100, Math.round((rating.utilisation ?? 1) * 100));
  return (
    <>
      <div className={styles.bar} role="img" aria-label={words('lineUp.used', { percent: used })}>
        <i style={{ width: `${used}%` }} />
      </div>
      <b>{figures.quantity(rating.allowablePa, 'pressure')}</b> {translated(rating.governing)}
    </>
  );
});
