import type { LineView, StartUpView } from '@grevik/contracts';
import { Alert, Button, TextField } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useFigures } from '../../kit/useFigures';
import { dateWords } from '../../kit/when';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { useHandOverMutation } from '../../store/start-up-api';
import { useLanguage } from '../../shell/useLanguage';
import { useWords } from '../../words';
import { startUpFile } from './start-up-files';
import styles from './StartUp.module.css';

interface HandOverProps {
  line: LineView;
  view: StartUpView;
  isComplete: boolean;
}

/** Signed by two once every step is done or skipped; after that the start-up is closed. */
export function HandOver({ line, view: { handedOver }, isComplete }: HandOverProps) {
  const [handedBy, setHandedBy] = useState('');
  const [takenBy, setTakenBy] = useState('');
  const [handOver, { isLoading, error }] = useHandOverMutation();
  const mayHandOver = useMay('walk');
  const words = useWords();
  const { system } = useFigures();
  const language = useLanguage();
  return (
    <section className={styles.handOver} aria-label={words('startUp.handOver.title')}>
      <h2>{words('startUp.handOver.title')}</h2>
      {handedOver ? (
        <p>
          {words('startUp.handOver.done', {
            date: dateWords(handedOver.at),
            by: handedOver.handedBy,
            to: handedOver.takenBy,
          })}
        </p>
      ) : (
        !isComplete && <p>{words('startUp.handOver.open')}</p>
      )}
      {!handedOver && isComplete && mayHandOver && (
        <form
          className={styles.signing}
          onSubmit={(event) => {
            event.preventDefault();
            void handOver({
              lineId: line.id,
              signed: { handedBy: handedBy.trim(), takenBy: takenBy.trim() },
            });
          }}
        >
          <TextField
            size="small"
            label={words('startUp.handOver.by')}
            value={handedBy}
            onChange={({ target }) => setHandedBy(target.value)}
            slotProps={{ htmlInput: { maxLength: 80 } }}
          />
          <TextField
            size="small"
            label={words('startUp.handOver.to')}
            value={takenBy}
            onChange={({ target }) => setTakenBy(target.value)}
            slotProps={{ htmlInput: { maxLength: 80 } }}
          />
          {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
          <Button
            type="submit"
            variant="contained"
            disabled={isLoading || handedBy.trim() === '' || takenBy.trim() === ''}
          >
            {words('startUp.handOver.sign')}
          </Button>
        </form>
      )}
      <p className="no-print">
        <Link to={`/jobs/${line.jobId}/lines/${line.id}/chart`}>{words('startUp.handOver.chart')}</Link>
        <br />
        <a href={startUpFile(line.id, 'record', { system, language })}>{words('startUp.handOver.record')}</a>
      </p>
    </section>
  );
}
