import { DRILL_TRADES, type DrillTrade, lastPassed } from '@grevik/core';
import { Button, MenuItem, TextField } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { dateWords } from '../../kit/when';
import { useJobNamesQuery } from '../../store/api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import styles from './Drills.module.css';
import { PeopleReady } from './PeopleReady';
import { ReadyTable } from './ReadyTable';
import { RUN_LENGTH } from './next-run';
import { runAddress } from './run-address';
import { SentDrills } from './SentDrills';
import { useMaterial } from './useMaterial';

/** Runs to begin, what was sent, one’s own record, and for the foreman who is ready for what. */
export function DrillsPage() {
  const words = useWords();
  const { record, error, again } = useMaterial();
  const maySee = useMay('drills');
  if (!record)
    return error ? <Failure error={error} retry={again} /> : <Loading what={words('drills.title')} />;
  const taken = record.results;
  return (
    <div className={styles.page}>
      <h1>{words('drills.title')}</h1>
      <p>{words('drills.body')}</p>
      <Start isNew={taken.length === 0} />
      <SentDrills />
      <div className={styles.two}>
        <section aria-labelledby="record">
          <h2 id="record">{words('drills.record')}</h2>
          <p className={styles.soft}>{words('drills.recordNobody')}</p>
          {taken.length === 0 ? (
            <p>{words('drills.noRecord')}</p>
          ) : (
            <>
              <p>
                {words('drills.gasPassed')}: {dateOr(lastPassed(taken, 'gas'), words('drills.never'))} ·{' '}
                {words('drills.firePassed')}: {dateOr(lastPassed(taken, 'fire'), words('drills.never'))} ·{' '}
                <a href="/api/drills/record.csv">{words('drills.csv')}</a>
              </p>
              <ReadyTable taken={taken} />
              <p className={styles.soft}>{words('drills.rule')}</p>
            </>
          )}
        </section>
        {maySee && <PeopleReady />}
      </div>
    </div>
  );
}

const dateOr = (date: string | undefined, none: string): string =>
  date === undefined ? none : dateWords(date);

function Start({ isNew }: { isNew: boolean }) {
  const words = useWords();
  const navigate = useNavigate();
  const { data: jobs = [] } = useJobNamesQuery();
  const [trade, setTrade] = useState<DrillTrade | 'any'>('any');
  const [jobId, setJobId] = useState('');
  const begin = (isFirst: boolean): void =>
    void navigate(
      runAddress({
        trade: trade === 'any' ? undefined : trade,
        jobId: jobId === '' ? undefined : jobId,
        isFirst,
      }),
    );
  return (
    <>
      <div className={styles.start}>
        <TextField
          select
          size="small"
          label={words('drills.about')}
          value={trade}
          onChange={({ target }) => setTrade(target.value as DrillTrade | 'any')}
          sx={{ minWidth: 150 }}
        >
          {(['any', ...DRILL_TRADES] as const).map((one) => (
            <MenuItem key={one} value={one}>
              {words(`drills.trades.${one}`)}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          size="small"
          label={words('drills.from')}
          value={jobId}
          onChange={({ target }) => setJobId(target.value)}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ minWidth: 220 }}
        >
          <MenuItem value="">{words('drills.fromAny')}</MenuItem>
          {jobs.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <Button variant="contained" onClick={() => begin(false)}>
          {words('drills.start', { count: RUN_LENGTH })}
        </Button>
        <Button variant={isNew ? 'outlined' : 'text'} onClick={() => begin(true)}>
          {words('drills.first')}
        </Button>
      </div>
      <p className={styles.soft}>{words('drills.offline')}</p>
    </>
  );
}
