import type { DueView } from '@grevik/contracts';
import { TextField } from '@mui/material';
import dayjs from 'dayjs';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { useDueQuery } from '../../store/rounds-api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { CalendarAddress } from './CalendarAddress';
import { DueTable } from './DueTable';
import { IntervalDialog } from './IntervalDialog';
import { Intervals } from './Intervals';
import { NewRound } from './NewRound';
import { NotOperated } from './NotOperated';
import { RoundList } from './RoundList';
import styles from './RoundsPage.module.css';

/** What is due at the valves in service of a job or the company, and the rounds on which it is done. */
export function RoundsPage() {
  const { jobId } = useParams();
  const words = useWords();
  const [until, setUntil] = useState(() => dayjs().endOf('month').format('YYYY-MM-DD'));
  const [changing, setChanging] = useState<DueView>();
  const mayPlan = useMay('rounds');
  const isDay = dayjs(until).isValid();
  const { data, error, isError, refetch } = useDueQuery({ until, jobId }, { skip: !isDay });
  return (
    <div className={styles.page}>
      <section className={styles.due} aria-labelledby="due">
        <h1 id="due">{words('rounds.due')}</h1>
        <div className={`${styles.asked} no-print`}>
          <TextField
            size="small"
            type="date"
            label={words('rounds.until')}
            value={until}
            error={!isDay}
            helperText={isDay ? undefined : words('rounds.day')}
            onChange={({ target }) => setUntil(target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
          />
          {data && (
            <p role="status">
              {data.due === 0
                ? words('rounds.none')
                : words('rounds.counts', {
                    count: data.due,
                    positions: data.positions,
                    overdue: data.overdue,
                  })}
            </p>
          )}
        </div>
        {isError && <Failure error={error} retry={() => void refetch()} />}
        {!data && !isError && isDay && <Loading what={words('rounds.due')} />}
        {data && <DueTable due={data} isOfJob={jobId !== undefined} change={setChanging} />}
        {data && data.notOperated.length > 0 && <NotOperated valves={data.notOperated} />}
      </section>
      <aside className={`${styles.planned} no-print`}>
        <RoundList jobId={jobId} />
        {mayPlan && data && <NewRound jobId={jobId} until={until} />}
        <Intervals />
        <CalendarAddress />
      </aside>
      {changing && <IntervalDialog due={changing} close={() => setChanging(undefined)} />}
    </div>
  );
}
