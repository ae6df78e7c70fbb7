import type { PressureRating } from '@grevik/core';
import { useFigures } from '../kit/useFigures';
import styles from './WeakestPart.module.css';

/** What the weakest part carries, with the demand drawn against it. */
export function WeakestPart({ rating }: { rating?: PressureRating | undefined }) {
  const figures = useFigures();
  if (!rating) return <>not known: read its tag</>;
  if (rating.verdict === 'not-rated') return <>not rated: {rating.governing}</>;
  const used = Math.min(100, Math.round((rating.utilisation ?? 1) * 100));
  return (
    <>
      <div className={styles.bar} role="img" aria-label={`used to ${used} %`}>
        <i style={{ width: `${used}%` }} />
      </div>
      <b>{figures.quantity(rating.allowablePa, 'pressure')}</b> {rating.governing}
    </>
  );
}
