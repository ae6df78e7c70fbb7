import { type Margins, modelWords } from '@grevik/core';
import { memo } from 'react';
import { useFigures } from '../useFigures';
import { useWords } from '../../words';
import { edgesSaid } from './edges-said';
import type { ModelColumn } from './model-column';
import styles from './Outlook.module.css';

/** Edges said in full; the rest behind a line. */
const SHOWN = 1;

interface HoldsUntilProps {
  column: ModelColumn;
  margins: Margins | undefined;
}

/** Until when a verdict holds: its nearest edges in figures, and what it becomes beyond. */
export const HoldsUntil = memo(function HoldsUntil({ column, margins }: HoldsUntilProps) {
  const figures = useFigures();
  const words = useWords();
  if (!margins) return <span className={styles.pending}>…</span>;
  const said = edgesSaid(margins, figures, words);
  if (said.length === 0) return <>{words('holds.always')}</>;
  return (
    <ul className={styles.edges} aria-label={words('holds.of', { model: modelWords(column.model).from })}>
      {said.slice(0, SHOWN).map((edge) => (
        <li key={edge}>{edge}</li>
      ))}
      {said.length > SHOWN && (
        <li>
          {' '}
          <details>
            <summary>{words('holds.more', { count: said.length - SHOWN })}</summary>
            {said.slice(SHOWN).map((edge) => (
              <p key={edge}>{edge}</p>
            ))}
          </details>
        </li>
      )}
    </ul>
  );
});
