import { type Cost, costOf } from '@grevik/core';
import { useWords } from '../words';
import type { ModelColumn } from './model-column';

interface PriceProps {
  column: ModelColumn;
  /** Positions of the job that ask the same, this one among them. */
  alike: number;
  /** What the cheapest column costs over the job. */
  cheapest: number;
  money: (amount: number) => string;
}

/** What it costs: one, a year of its life, all alike on the job, and how far that is from the cheapest. */
export function Price({ column: { model, size }, alike, cheapest, money }: PriceProps) {
  const words = useWords();
  const { each, perYear, overJob }: Cost = costOf(model, size, alike);
  const [low, high] = model.lifeYears ?? [];
  const life =
    low === undefined || high === undefined
      ? words('lineUp.lifeUnknown')
      : words('lineUp.years', { low, high });
  const more = Math.round((overJob - cheapest) * 100) / 100;
  const job = [
    alike > 1 && words('lineUp.overJob', { money: money(overJob), count: alike }),
    more > 0 && words('lineUp.more', { money: money(more) }),
  ].filter(Boolean);
  return (
    <>
      <b>{money(each)}</b> {words('lineUp.each', { life })}
      {perYear !== undefined && <div>{words('lineUp.perYear', { money: money(perYear) })}</div>}
      <div>{job.join(', ')}</div>
    </>
  );
}
