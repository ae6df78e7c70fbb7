import type { StartUpView } from '@grevik/contracts';
import type { StartUpStep, StartedLine } from '@grevik/core';
import { Alert, Button, TextField } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import { HoldStep } from './HoldStep';
import styles from './StartUp.module.css';
import { StepItems } from './StepItems';
import { useWriteStartUp } from './useWriteStartUp';

interface StepPanelProps {
  step: StartUpStep;
  line: StartedLine;
  view: StartUpView;
  /** Handed over: nothing is changed any more. */
  isClosed: boolean;
}

/** One step: what to do, what to have at hand, when it is done, what can hurt; and each thing of it. */
export function StepPanel({ step, line, view, isClosed }: StepPanelProps) {
  const words = useWords();
  const mayRecord = useMay('record') && !isClosed;
  const { title, caution, state, waitsFor } = step;
  const isReading = step.reading === 'hold' && view.readings.some((reading) => reading.step === 'hold');
  return (
    <section className={styles.panel} aria-labelledby="start-up-step">
      <Link className={`${styles.back} no-print`} to="?" replace>
        ‹ {words('startUp.all')}
      </Link>
      <h2 id="start-up-step">{translated(title)}</h2>
      {isReading ? (
        <details>
          <summary>{words('hold.whatToDo')}</summary>
          <HowTo step={step} />
        </details>
      ) : (
        <HowTo step={step} />
      )}
      {caution !== undefined && (
        <Alert severity="warning" role="note">
          {translated(caution)}
        </Alert>
      )}
      {state === 'waiting' && !isReading && (
        <Alert severity="info" role="note">
          {words('startUp.waitsLong', { steps: waitsFor.map(translated).join(', ') })}
        </Alert>
      )}
      {step.reading === 'hold' ? (
        <HoldStep line={line} view={view} mayRecord={mayRecord} />
      ) : (
        <StepItems step={step} view={view} mayRecord={mayRecord} />
      )}
      {mayRecord && <Skipping step={step} />}
    </section>
  );
}

/** What is done, what to have at hand, and when it is done. */
function HowTo({ step: { does, atHand, doneWhen } }: { step: StartUpStep }) {
  const words = useWords();
  return (
    <>
      <p className={styles.does}>{translated(does)}</p>
      <dl className={styles.facts}>
        <div>
          <dt>{words('startUp.atHand')}</dt>
          <dd>{translated(atHand)}</dd>
        </div>
        <div>
          <dt>{words('startUp.doneWhen')}</dt>
          <dd>{translated(doneWhen)}</dd>
        </div>
      </dl>
    </>
  );
}

/** A step is skipped only with its reason, and taken up again. */
function Skipping({ step: { id, title, skipped } }: { step: StartUpStep }) {
  const [isAsking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  const { write, isLoading } = useWriteStartUp();
  const words = useWords();
  if (skipped)
    return (
      <p>
        {words('startUp.skipped', skipped)}{' '}
        <Button
          size="small"
          disabled={isLoading}
          onClick={() => void write({ step: id, kind: 'unskip' }, translated(title))}
        >
          {words('startUp.unskip')}
        </Button>
      </p>
    );
  if (!isAsking)
    return (
      <Button className={`${styles.skip} no-print`} size="small" onClick={() => setAsking(true)}>
        {words('startUp.skip')}
      </Button>
    );
  return (
    <form
      className={styles.skipping}
      onSubmit={(event) => {
        event.preventDefault();
        void write({ step: id, kind: 'skip', reason: reason.trim() }, translated(title)).then(
          (isKept) => isKept && setAsking(false),
        );
      }}
    >
      <TextField
        autoFocus
        size="small"
        fullWidth
        label={words('startUp.skipReason')}
        value={reason}
        onChange={({ target }) => setReason(target.value)}
        slotProps={{ htmlInput: { maxLength: 500 } }}
      />
      <Button type="submit" variant="contained" disabled={isLoading || reason.trim() === ''}>
        {words('startUp.skipIt')}
      </Button>
      <Button onClick={() => setAsking(false)}>{words('startUp.cancel')}</Button>
    </form>
  );
}
