import { Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useWords } from '../../words';
import { DrillScreen, type TakenAnswer } from './DrillScreen';
import type { DrillToTake } from './drill-to-take';
import styles from './Drills.module.css';
import { gradeWords } from './grade-words';

interface RunProps {
  drills: readonly DrillToTake[];
  /** Another run like it. */
  again?: () => void;
}

/** Questions one after the other, and how it went. */
export function Run({ drills, again }: RunProps) {
  const words = useWords();
  const [taken, setTaken] = useState<readonly TakenAnswer[]>([]);
  const [begun] = useState(() => Date.now());
  const [ended, setEnded] = useState<number>();
  const drill = drills[taken.length];
  const next = (answer: TakenAnswer): void => {
    setTaken((before) => [...before, answer]);
    if (taken.length + 1 === drills.length) setEnded(Date.now());
  };
  if (drill && ended === undefined)
    return (
      <DrillScreen
        key={drill.id}
        drill={drill}
        at={taken.length + 1}
        count={drills.length}
        next={next}
        stop={() => setEnded(Date.now())}
      />
    );
  const right = taken.filter((one) => one.right).length;
  return (
    <div className={styles.run}>
      <h1>{words('drills.result', { right, count: taken.length })}</h1>
      <p className={styles.soft}>
        {words('drills.took', { minutes: (((ended ?? begun) - begun) / 60_000).toFixed(1) })}
      </p>
      <ul className={styles.list}>
        {taken.map(({ drill: { id, kind, level }, right: isRight, score }) => (
          <li key={id}>
            <b>{gradeWords({ right: isRight, score }, words)}</b>
            <span>{words(`drills.kinds.${kind}`)}</span>
            <span className={styles.soft}>{words('drills.level', { level })}</span>
          </li>
        ))}
      </ul>
      <p className={styles.acts}>
        {again && (
          <Button variant="contained" onClick={again}>
            {words('drills.again')}
          </Button>
        )}
        <Link to="/drills">{words('drills.back')}</Link>
      </p>
    </div>
  );
}
