import type { ReadingView } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import type { ReactNode } from 'react';
import { dateWords, timeWords } from '../../kit/when';
import { failureText } from '../../store/failure';
import { useEndReadingMutation } from '../../store/start-up-api';
import { useWords } from '../../words';
import styles from './StartUp.module.css';

interface ReadingFootProps {
  reading: ReadingView;
  mayRecord: boolean;
  /** What else can be done while it runs. */
  children?: ReactNode;
}

/** Who began a reading and when, and how it is stopped while it runs. */
export function ReadingFoot({
  reading: { id, startedAt, startedBy, endedAt },
  mayRecord,
  children,
}: ReadingFootProps) {
  const words = useWords();
  const [end, { isLoading, error }] = useEndReadingMutation();
  return (
    <>
      <p className={styles.soft}>
        {endedAt === null
          ? words('hold.running', { time: timeWords(startedAt), by: startedBy })
          : words('startUp.signed', { by: startedBy, date: dateWords(endedAt) })}
      </p>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      {endedAt === null && mayRecord && (
        <>
          {children}
          <Button
            className="no-print"
            variant="outlined"
            size="small"
            disabled={isLoading}
            onClick={() => void end(id)}
          >
            {words('hold.stop')}
          </Button>
        </>
      )}
    </>
  );
}
