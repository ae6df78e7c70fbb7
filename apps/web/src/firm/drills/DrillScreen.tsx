import { type DrillAnswer, type DrillGrade, gradeMade } from '@grevik/core';
import { Button } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { useKeys } from '../../kit/useKeys';
import { newId } from '../../store/new-id';
import { useWords } from '../../words';
import type { DrillToTake } from './drill-to-take';
import styles from './Drills.module.css';
import { Graded } from './Graded';
import { Question } from './Question';
import { type Kept, useAnswer } from './useAnswer';

export interface TakenAnswer extends Pick<DrillGrade, 'right' | 'score'> {
  drill: DrillToTake;
}

interface DrillScreenProps {
  drill: DrillToTake;
  at: number;
  count: number;
  next: (taken: TakenAnswer) => void;
  stop: () => void;
}

/** One question: shown, answered, graded with its reasons. */
export function DrillScreen({ drill, at, count, next, stop }: DrillScreenProps) {
  const { kind, level, made, intro } = drill;
  const words = useWords();
  const send = useAnswer();
  const [answer, setAnswer] = useState<DrillAnswer | undefined>(() => begunWith(drill));
  const [graded, setGraded] = useState<ReturnType<typeof gradeMade>>();
  const [kept, setKept] = useState<Kept>();
  const [begun] = useState(() => Date.now());
  const [id] = useState(newId);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);

  const check = (): void => {
    if (answer === undefined || graded) return;
    setGraded(gradeMade(made, answer));
    void send(drill, { id, answer, tookS: (Date.now() - begun) / 1000 }).then(setKept);
  };
  const goOn = (): void => {
    if (graded) next({ drill, right: graded.right, score: graded.score });
  };
  useKeys({ Enter: graded ? goOn : check });

  return (
    <div className={styles.run}>
      <header className={styles.head}>
        <h1 ref={heading} tabIndex={-1}>
          {words(`drills.kinds.${kind}`)}
        </h1>
        <span className={styles.soft}>{words('drills.level', { level })}</span>
        <span className={styles.soft}>{words('drills.of', { at, count })}</span>
        <div className={styles.bar} aria-hidden="true">
          <i style={{ width: `${((at - (graded ? 0 : 1)) / count) * 100}%` }} />
        </div>
      </header>
      {intro !== undefined && <p>{words(`drills.firstFive.${intro}`)}</p>}
      <Question drill={drill} answer={answer} give={setAnswer} graded={graded} />
      {graded && <Graded drill={drill} answer={answer} graded={graded} kept={kept} />}
      <div className={`${styles.acts} ${styles.runActs}`}>
        {graded ? (
          <Button variant="contained" onClick={goOn}>
            {words(at === count ? 'drills.finish' : 'drills.next')}
          </Button>
        ) : (
          <Button variant="contained" disabled={answer === undefined} onClick={check}>
            {words('drills.answer')}
          </Button>
        )}
        <Button onClick={stop}>{words('drills.stop')}</Button>
      </div>
    </div>
  );
}

/** What stands there before anybody does anything: steps are in some order, and no valve is chosen. */
function begunWith({ made: { answer } }: DrillToTake): DrillAnswer | undefined {
  if (answer.form === 'order') return answer.items.map(({ id }) => id);
  return undefined;
}
