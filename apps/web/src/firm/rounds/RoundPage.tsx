import type { RoundView } from '@grevik/contracts';
import { Button, LinearProgress } from '@mui/material';
import { Link, useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { dateWords } from '../../kit/when';
import { useWords } from '../../words';
import { RoundStops } from './RoundStops';
import styles from './RoundPage.module.css';
import { timeNeeded } from './time-needed';
import { useRoundHere } from './useRoundHere';

/** A round: its days and stops in the order they are walked, and how far it is. */
export function RoundPage() {
  const { roundId = '' } = useParams();
  const words = useWords();
  const { round, visitOf, error, isError, refetch } = useRoundHere(roundId);
  if (isError && !round) return <Failure error={error} retry={() => void refetch()} />;
  if (!round) return <Loading what={words('rounds.title')} />;
  const open = round.stopsInOrder.filter((stop) => !visitOf(stop));
  const visited = round.stopsInOrder.length - open.length;
  const minutes = round.stopsInOrder.reduce((sum, stop) => sum + stop.minutes, 0);
  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <div>
          <p className="no-print">
            <Link to="/rounds">{words('rounds.title')}</Link>
          </p>
          <h1>{round.name}</h1>
          <p>
            {dateWords(round.startsOn)}
            {round.endsOn !== round.startsOn && ` – ${dateWords(round.endsOn)}`} ·{' '}
            {round.person?.name ?? words('rounds.nobody')} ·{' '}
            {words('rounds.stop', { count: round.stopsInOrder.length })},{' '}
            {words('rounds.about', { time: timeNeeded(minutes, words) })}
          </p>
        </div>
        <Actions round={round} nextId={open[0]?.positionId} hasBegun={visited > 0} />
      </header>
      <LinearProgress
        variant="determinate"
        color="secondary"
        value={(100 * visited) / Math.max(1, round.stopsInOrder.length)}
        aria-label={words('rounds.progress', { done: visited, stops: round.stopsInOrder.length })}
      />
      <p role="status">
        {words('rounds.progress', { done: round.done, stops: round.stopsInOrder.length })}
        {round.notDone > 0 && `, ${words('rounds.notDone', { count: round.notDone })}`}
      </p>
      <RoundStops round={round} visitOf={visitOf} />
    </div>
  );
}

interface ActionsProps {
  round: RoundView;
  nextId: string | undefined;
  hasBegun: boolean;
}

function Actions({ round, nextId, hasBegun }: ActionsProps) {
  const words = useWords();
  return (
    <div className={`${styles.acts} no-print`}>
      {nextId !== undefined && (
        <Button
          variant="contained"
          component={Link}
          nativeButton={false}
          to={`/rounds/${round.id}/${nextId}`}
        >
          {words(hasBegun ? 'rounds.goOn' : 'rounds.open')}
        </Button>
      )}
      <Button variant="outlined" onClick={() => window.print()}>
        {words('rounds.print')}
      </Button>
      <Button variant="outlined" href={`/api/rounds/${round.id}/round.ics`} download>
        {words('rounds.file')}
      </Button>
    </div>
  );
}
