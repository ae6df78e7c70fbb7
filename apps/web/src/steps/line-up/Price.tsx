import { type Cost, costOf } from '@grevik/core';
import type { ReactNode } from 'react';
import { translated, useWords } from '../../words';
import styles from './ColumnTable.module.css';
import type { ModelColumn } from '../../kit/outlook/model-column';

interface PriceProps {
  column: ModelColumn;
  /** Positions of the job that ask the same, this one among them. */
  alike: number;
  /** What the cheapest column costs over the job. */
  cheapest: number;
  money: (amount: number) => string;
  /** Over the years with visits and failures; left out until it is worked out. */
  over?: ReactNode;
}

/** What it costs: one, a year of its life, all alike on the job, and how far that is from the cheapest. */
export function Price({ column: { size, life }, alike, cheapest, money, over }: PriceProps) {
  const words = useWords();
  const cost: Cost = costOf(size, life, alike);
  const [low, high] = life.years;
  const more = Math.round((cost.overJob - cheapest) * 100) / 100;
  const job = [
    alike > 1 && words('lineUp.overJob', { money: money(cost.overJob), count: alike }),
    more > 0 && words('lineUp.more', { money: money(more) }),
  ].filter(Boolean);
  const each = (
    <>
      <b>{money(cost.each)}</b> {words('lineUp.each', { life: words('lineUp.years', { low, high }) })}
    </>
  );
  return (
    <>
      {life.because.length === 0 ? (
        each
      ) : (
        <details className={styles.because}>
          <summary>{each}</summary>
          {words('lineUp.lifeBecause', {
            reasons: life.because.map(({ text }) => translated(text)).join(', '),
          })}
        </details>
      )}
      <div>{words('lineUp.perYear', { money: money(cost.perYear) })}</div>
      <div>{job.join(', ')}</div>
      {over}
    </>
  );
}
