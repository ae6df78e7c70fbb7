import type { Verdict } from '@grevik/core';
import { useVerdictWords } from './useVerdictWords';
import styles from './VerdictMark.module.css';

const SHAPES: Record<Verdict, string> = {
  fits: 'M1 1h14v14H1zM4 8l3 3 5-6',
  care: 'M8 1.5 15 14.5H1zM8 6v4M8 11.6v1.2',
  out: 'M8 1a7 7 0 1 1 0 14A7 7 0 0 1 8 1ZM4.5 4.5l7 7M11.5 4.5l-7 7',
};

interface VerdictMarkProps {
  verdict: Verdict;
  word?: string;
  /** An open question could change it: the shape is dashed, and the word says so. */
  isSoFar?: boolean;
}

/** A verdict as a word and a shape: never colour alone. */
export function VerdictMark({ verdict, word, isSoFar = false }: VerdictMarkProps) {
  const say = useVerdictWords();
  return (
    <span className={`${styles.mark} ${styles[verdict]}`}>
      <svg viewBox="0 0 16 16" aria-hidden="true">
        <path d={SHAPES[verdict]} {...(isSoFar && { strokeDasharray: '2.4 1.6' })} />
      </svg>
      {word ?? say(verdict, isSoFar)}
    </span>
  );
}
