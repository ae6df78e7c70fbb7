import type { BoardView } from '@grevik/contracts';
import { FAILURE_WORDS, type NextStep, capitalized, jobFailures, nextOnJob } from '@grevik/core';
import { Link } from 'react-router';
import { shortName } from '../../kit/position-name';
import { isFinished, useRoundsQuery } from '../../store/rounds-api';
import { translated, useWords } from '../../words';
import styles from './JobBoardPage.module.css';

const MOST_URGENT = 5;
const MOST_TAGS = 4;
const ARRIVING = new Set(['sent', 'confirmed', 'part-received']);

/** What is urgent and what arrives on a job, and what is next. */
export function Today({ board, overdue }: { board: BoardView; overdue: ReadonlySet<string> }) {
  const words = useWords();
  const { data: rounds = [] } = useRoundsQuery();
  const open = rounds.filter((round) => round.jobIds.includes(board.id) && !isFinished(round));
  const urgent = jobFailures(board.lines);
  const arriving = board.orders.filter(({ state }) => ARRIVING.has(state));
  const unplacedLines = board.orders
    .filter(({ state, supplier }) => state === 'draft' && supplier === null)
    .reduce((sum, { lines }) => sum + lines, 0);
  const next = nextOnJob({ lines: board.lines, unplacedLines });
  return (
    <aside className={styles.today}>
      <h2>{words('board.today')}</h2>
      {urgent.length + arriving.length + overdue.size + open.length === 0 && <p>{words('board.nothing')}</p>}
      <ul>
        {urgent.slice(0, MOST_URGENT).map(({ id, tag, remarks, failure, line, ...position }) => (
          <li key={id} data-urgent>
            <Link to={`/jobs/${board.id}/lines/${line.id}/line-up/${encodeURIComponent(tag)}`}>
              {tag} {shortName({ remarks, duty: position })}
            </Link>
            <span>
              {capitalized(translated(FAILURE_WORDS[failure]))}.
              {position.condition.dealt && ` ${position.condition.dealt}.`}
            </span>
            <i>
              {line.name} ·{' '}
              <Link to={`/jobs/${board.id}/lines/${line.id}/log/${encodeURIComponent(tag)}`}>
                {words('board.openLog')}
              </Link>
            </i>
          </li>
        ))}
        {urgent.length > MOST_URGENT && (
          <li>{words('board.moreUrgent', { count: urgent.length - MOST_URGENT })}</li>
        )}
        {overdue.size > 0 && (
          <li>
            <Link to={`/jobs/${board.id}/rounds`}>
              {words('rounds.todayOverdue', { count: overdue.size })}
            </Link>
          </li>
        )}
        {open.map(({ id, name, done, notDone, stops }) => (
          <li key={id}>
            <Link to={`/rounds/${id}`}>
              {words('rounds.todayRound', { name, done: done + notDone, stops })}
            </Link>
          </li>
        ))}
        {arriving.map(({ id, supplier, state, lines, leadDays }) => (
          <li key={id}>
            <Link to={`/jobs/${board.id}/orders`}>
              {words('board.arriving', {
                supplier: supplier ?? words('orders.waiting'),
                count: lines,
                state: words(`orders.states.${state}`),
              })}
            </Link>
            {leadDays !== null && <span>{words('board.lead', { count: leadDays })}</span>}
          </li>
        ))}
      </ul>
      <h2>{words('board.next')}</h2>
      {next.length === 0 && <p>{words('board.done')}</p>}
      <ol>
        {next.map((step) => (
          <li key={'line' in step ? `${step.kind} ${step.line.id}` : step.kind}>
            <Next jobId={board.id} step={step} />
          </li>
        ))}
      </ol>
    </aside>
  );
}

function Next({ jobId, step }: { jobId: string; step: NextStep }) {
  const words = useWords();
  switch (step.kind) {
    case 'add-line':
      return <>{words('board.nextAddLine')}</>;
    case 'walk':
      return (
        <Link to={`/jobs/${jobId}/lines/${step.line.id}/walk`}>
          {words('board.nextWalk', { line: step.line.name })}
        </Link>
      );
    case 'pick': {
      const tags = step.tags.slice(0, MOST_TAGS).join(', ');
      const more = step.tags.length - MOST_TAGS;
      return (
        <Link to={`/jobs/${jobId}/lines/${step.line.id}/line-up/${encodeURIComponent(step.tags[0] ?? '')}`}>
          {more > 0 ? words('board.nextPickMore', { tags, count: more }) : words('board.nextPick', { tags })}
        </Link>
      );
    }
    case 'place':
      return <Link to={`/jobs/${jobId}/orders`}>{words('board.nextPlace', { count: step.lines })}</Link>;
  }
}
