import type { PositionView } from '@grevik/contracts';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { useFigures } from '../useFigures';
import { dateWords } from '../when';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import styles from './Finding.module.css';
import { stopped } from './stopped';
import type { Found } from './useFindings';
import { useWriteFinding } from './useWriteFinding';

interface FindingsProps {
  position: PositionView;
  findings: readonly Found[];
  /** Where the position's bench is. */
  benchAt: string;
}

/** What the bench found here, with its figures, who found it, and the way back to the case. */
export function Findings({ position, findings, benchAt }: FindingsProps) {
  const figures = useFigures();
  const words = useWords();
  const mayWrite = useMay('record');
  const { takeBack, isWriting } = useWriteFinding(position);
  if (findings.length === 0) return null;
  return (
    <section className={styles.found} aria-label={words('bench.found')}>
      <h3>{words('bench.found')}</h3>
      {findings.map(({ id, text, by, happenedAt, finding }) => (
        <div key={id} data-verdict={finding.verdict}>
          <p>
            {finding.valve !== undefined && <b>{finding.valve}: </b>}
            {text}
            {finding.measured && <b> {stopped(figures.measured(finding.measured))}</b>}
          </p>
          <span>
            {by}, {dateWords(happenedAt)}
            {finding.case !== undefined && (
              <>
                {' · '}
                <Link to={`${benchAt}?${finding.case}`}>{words('bench.seeCase')}</Link>
              </>
            )}
          </span>
          {mayWrite && (
            <Button
              size="small"
              className="no-print"
              disabled={isWriting}
              onClick={() => void takeBack(text, finding)}
            >
              {words('bench.takeBack')}
            </Button>
          )}
        </div>
      ))}
    </section>
  );
}
