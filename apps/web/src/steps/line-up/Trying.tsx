import type { LineView, PositionView } from '@grevik/contracts';
import type { PositionDuty } from '@grevik/core';
import { Button } from '@mui/material';
import { type DutyFact, factName, factWords } from '../../kit/duty/field-words';
import { useSayFacts } from '../../kit/duty/useSayFacts';
import styles from '../../kit/outlook/Outlook.module.css';
import { useFigures } from '../../kit/useFigures';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';

interface TryingProps {
  line: LineView;
  position: PositionView;
  trial: Partial<PositionDuty>;
  back: () => void;
}

/** Figures that are tried and not yet the duty’s: put into it, or let go. */
export function Trying({ line, position, trial, back }: TryingProps) {
  const { say } = useSayFacts(position, line.id);
  const figures = useFigures();
  const words = useWords();
  const mayChange = useMay('change-duty');
  const { duty } = position;
  const facts = Object.keys(trial) as DutyFact[];
  const { origins: _origins, ...plain } = { ...duty, ...trial };
  const put = (): void => void say(trial).then((isSaved) => isSaved && back());
  return (
    <div className={styles.trying} role="status">
      {words('holds.trying', {
        facts: facts.map((fact) => `${factName(fact)} ${factWords(plain, fact, figures)}`).join(', '),
      })}
      {mayChange && (
        <Button size="small" variant="contained" onClick={put}>
          {words('holds.intoDuty')}
        </Button>
      )}
      <Button size="small" onClick={back}>
        {words('holds.back')}
      </Button>
    </div>
  );
}
