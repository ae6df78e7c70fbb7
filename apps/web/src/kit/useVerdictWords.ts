import type { Verdict } from '@grevik/core';
import { useWords } from '../words';

/** Says a verdict; where an open question could change it, that it holds only so far. */
export function useVerdictWords(): (verdict: Verdict, isSoFar?: boolean) => string {
  const words = useWords();
  return (verdict, isSoFar = false) =>
    words(isSoFar && verdict !== 'out' ? `verdicts.soFar.${verdict}` : `verdicts.${verdict}`);
}
