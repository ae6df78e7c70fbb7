import type { Interval } from '@grevik/core';
import { useWords } from '../../words';

/** Says an interval: "6 months". */
export function useIntervalWords(): (every: Interval | null) => string {
  const words = useWords();
  return (every) => {
    if (every === null) return words('rounds.never');
    return 'months' in every
      ? words('rounds.months', { count: every.months })
      : words('rounds.days', { count: every.days });
  };
}
