import type { PositionView } from '@grevik/contracts';
import type { BenchFinding } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import type { ReactNode } from 'react';
import { VerdictMark } from '../VerdictMark';
import { useFigures } from '../useFigures';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import styles from './Finding.module.css';
import { stopped } from './stopped';
import { useWriteFinding } from './useWriteFinding';

interface FindingBarProps {
  position: PositionView;
  /** The sentence, without units. */
  text: string;
  finding: Omit<BenchFinding, 'case'>;
  /** The whole case, as a query of this address. */
  query: () => string;
  /** Whether a figure of it is still being worked out: it is not written until then. */
  isPending?: boolean;
  /** What else can be done with it. */
  children?: ReactNode;
}

/** What the simulation comes to, in a sentence with its figures; written to the position's log, or sent as a link. */
export function FindingBar({ position, text, finding, query, isPending = false, children }: FindingBarProps) {
  const figures = useFigures();
  const words = useWords();
  const mayWrite = useMay('record');
  const { enqueueSnackbar } = useSnackbar();
  const { write, isWriting } = useWriteFinding(position);

  const copyLink = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(`${location.origin}${location.pathname}?${query()}`);
      enqueueSnackbar(words('bench.copied'));
    } catch {
      enqueueSnackbar(words('bench.notCopied'), { variant: 'warning' });
    }
  };

  return (
    <section className={styles.bar} aria-label={words('bench.finding')}>
      <p>
        <VerdictMark
          verdict={finding.verdict === 'supports' ? 'fits' : finding.verdict}
          word={words(finding.verdict === 'supports' ? 'bench.holds' : 'bench.heed')}
        />{' '}
        {text}
        {finding.measured && <b> {stopped(figures.measured(finding.measured))}</b>}
      </p>
      <div className={`${styles.acts} no-print`}>
        {children}
        {mayWrite && (
          <Button
            size="small"
            variant="contained"
            disabled={isWriting || isPending}
            onClick={() => void write(text, { ...finding, case: query() })}
          >
            {words('bench.write', { tag: position.tag })}
          </Button>
        )}
        <Button size="small" onClick={() => void copyLink()}>
          {words('bench.copyLink')}
        </Button>
      </div>
    </section>
  );
}
