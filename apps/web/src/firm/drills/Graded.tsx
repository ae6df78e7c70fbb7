import type { DrillAnswer, DrillGrade, DrillKind } from '@grevik/core';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import type { DrillToTake } from './drill-to-take';
import styles from './Drills.module.css';
import { gradeWords } from './grade-words';
import { answerWords } from './answer-words';
import type { Kept } from './useAnswer';

/** The screen that shows what a made-up drill was about. */
const SHOWN_AT: Readonly<Record<DrillKind, string>> = {
  'name-it': '/catalogue/types',
  'say-it': '/parts-list',
  'hear-it': '/parts-list',
  'which-valve': '/house-rules',
  'which-check': '/house-rules',
  'what-to-close': '/emergency',
  'shut-it': '/house-rules',
  'purge-order': '/catalogue/types/butterfly-gas-cock',
  'holds-or-not': '/house-rules',
  'what-is-wrong': '/catalogue/types/check-ball',
  'touch-it-or-not': '/house-rules',
};

interface GradedProps {
  drill: DrillToTake;
  answer: DrillAnswer | undefined;
  graded: DrillGrade & { key: DrillAnswer };
  kept: Kept | undefined;
}

/** Right or not, an answer that passes, the reasons, and the way to the screen that shows it. */
export function Graded({ drill, answer, graded: { right, score, key, why }, kept }: GradedProps) {
  const words = useWords();
  const figures = useFigures();
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  const { kind, made, wayThere } = drill;
  const to = wayThere?.to ?? (kind === 'name-it' ? `/catalogue/types/${String(key)}` : SHOWN_AT[kind]);
  const isKey = JSON.stringify(answer) === JSON.stringify(key);
  return (
    <section className={styles.graded} data-right={right} aria-live="polite">
      <h2 ref={heading} tabIndex={-1}>
        {gradeWords({ right, score }, words)}
      </h2>
      {!isKey && (
        <p>
          {words('drills.key')}: <b>{answerWords(made, key)}</b>
        </p>
      )}
      <ul>
        {why.map(({ text }) => (
          <li key={text}>{figures.sentence(text)}</li>
        ))}
      </ul>
      <Link to={to}>{wayThere?.words ?? words(`drills.show.${kind}`)}</Link>
      {kept?.kind === 'waits' && <p className={styles.soft}>{words('drills.waits')}</p>}
      {kept?.kind === 'refused' && <p role="alert">{words('drills.refused', { reason: kept.reason })}</p>}
    </section>
  );
}
