import type { RoundListing } from '@grevik/contracts';
import { LinearProgress } from '@mui/material';
import { Link } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { dateWords } from '../../kit/when';
import { isFinished, useRoundsQuery } from '../../store/rounds-api';
import { useWords } from '../../words';
import styles from './RoundsPage.module.css';

/** Planned rounds with how far each is. */
export function RoundList({ jobId }: { jobId: string | undefined }) {
  const words = useWords();
  const { data, error, isError, refetch } = useRoundsQuery();
  const rounds = (data ?? []).filter(({ jobIds }) => jobId === undefined || jobIds.includes(jobId));
  const finished = rounds.filter(isFinished);
  return (
    <section aria-labelledby="rounds">
      <h2 id="rounds">{words('rounds.list')}</h2>
      {isError && <Failure error={error} retry={() => void refetch()} />}
      {!data && !isError && <Loading what={words('rounds.list')} />}
      {data && rounds.length === 0 && <p>{words('rounds.noRounds')}</p>}
      <Rounds rounds={rounds.filter((round) => !isFinished(round))} />
      {finished.length > 0 && (
        <details className={styles.finished}>
          <summary>{words('rounds.finished', { count: finished.length })}</summary>
          <Rounds rounds={finished} />
        </details>
      )}
    </section>
  );
}

function Rounds({ rounds }: { rounds: readonly RoundListing[] }) {
  const words = useWords();
  return (
    <ul className={styles.rounds}>
      {rounds.map(({ id, name, startsOn, endsOn, person, stops, done, notDone }) => (
        <li key={id}>
          <Link to={`/rounds/${id}`}>{name}</Link>
          <span>
            {dateWords(startsOn)}
            {endsOn !== startsOn && ` – ${dateWords(endsOn)}`} · {person?.name ?? words('rounds.nobody')}
          </span>
          <LinearProgress
            variant="determinate"
            color="secondary"
            value={(100 * (done + notDone)) / Math.max(1, stops)}
            aria-label={name}
          />
          <span>
            {words('rounds.progress', { done, stops })}
            {notDone > 0 && `, ${words('rounds.notDone', { count: notDone })}`}
          </span>
        </li>
      ))}
    </ul>
  );
}
