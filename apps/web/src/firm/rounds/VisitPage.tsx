import type { RoundStopView, RoundView } from '@grevik/contracts';
import { Button, LinearProgress } from '@mui/material';
import { useEffect } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Failure, Loading, Notice } from '../../kit/Notice';
import { useWords } from '../../words';
import { KeptOnDevice } from './KeptOnDevice';
import { ScanTag } from './ScanTag';
import { VisitForm } from './VisitForm';
import styles from './VisitPage.module.css';
import { timeNeeded } from './time-needed';
import { type RoundHere, useRoundHere } from './useRoundHere';

/** One valve of a round, for whoever stands there: what to do, how it was last time, what hurts; and on to the next. */
export function VisitPage() {
  const { roundId = '', positionId } = useParams();
  const words = useWords();
  const { round, visitOf, error, isError, refetch } = useRoundHere(roundId);
  if (!round)
    return isError ? (
      <Failure error={error} retry={() => void refetch()} />
    ) : (
      <Loading what={words('rounds.title')} />
    );
  const at = round.stopsInOrder.findIndex((stop) => stop.positionId === positionId);
  const stop = round.stopsInOrder[at];
  if (!stop)
    return (
      <Notice
        title={words('visit.done')}
        action={<Link to={`/rounds/${round.id}`}>{words('visit.back')}</Link>}
      />
    );
  return <AtStop key={stop.positionId} {...{ round, stop, at, visitOf }} />;
}

interface AtStopProps {
  round: RoundView;
  stop: RoundStopView;
  at: number;
  visitOf: RoundHere['visitOf'];
}

function AtStop({ round, stop, at, visitOf }: AtStopProps) {
  const words = useWords();
  const navigate = useNavigate();
  const { stopsInOrder } = round;
  const address = (to: RoundStopView): string => `/rounds/${round.id}/${to.positionId}`;
  const left = stopsInOrder.filter((one) => !visitOf(one));
  const next = left.find((one) => stopsInOrder.indexOf(one) > at) ?? left.find((one) => one !== stop);
  const minutesLeft = left.reduce((sum, { minutes }) => sum + minutes, 0);
  const [before, after] = [stopsInOrder[at - 1], stopsInOrder[at + 1]];
  useEffect(() => {
    document.title = `${stop.tag} · ${round.name} · Grevik`;
    window.scrollTo(0, 0);
  }, [stop.tag, round.name]);
  return (
    <div className={styles.page}>
      <header className={styles.way}>
        <p>
          <Link to={`/rounds/${round.id}`}>{round.name}</Link>
        </p>
        <p>
          <span>
            {words('visit.progress', { at: at + 1, stops: stopsInOrder.length })}
            {next && ` · ${words('visit.next', { tag: next.tag })}`}
          </span>
          <span>{words('visit.left', { time: timeNeeded(minutesLeft, words) })}</span>
        </p>
        <LinearProgress
          variant="determinate"
          color="secondary"
          value={(100 * (stopsInOrder.length - left.length)) / stopsInOrder.length}
          aria-label={words('visit.progress', { at: at + 1, stops: stopsInOrder.length })}
        />
      </header>
      <VisitForm
        roundId={round.id}
        stop={stop}
        visited={visitOf(stop)}
        isLast={next === undefined}
        goOn={() => void navigate(next ? address(next) : `/rounds/${round.id}`)}
      />
      <ScanTag stops={stopsInOrder} goTo={(to) => void navigate(address(to))} />
      <nav className={styles.row} aria-label={round.name}>
        <Button
          component={Link}
          nativeButton={false}
          to={before ? address(before) : ''}
          disabled={!before}
          variant="outlined"
        >
          {words('visit.previous')}
        </Button>
        <Button
          component={Link}
          nativeButton={false}
          to={after ? address(after) : ''}
          disabled={!after}
          variant="outlined"
        >
          {words('visit.following')}
        </Button>
      </nav>
      <KeptOnDevice round={round} />
    </div>
  );
}
