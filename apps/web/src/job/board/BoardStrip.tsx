import type { BoardLine, BoardPosition } from '@grevik/contracts';
import { MEDIUM_FACTS, countByState, failuresOf, lineSentence, positionState } from '@grevik/core';
import { Link } from 'react-router';
import pipe from '../../kit/strip/Pipe.module.css';
import { shortName } from '../../kit/position-name';
import { translated, useWords } from '../../words';
import styles from './JobBoardPage.module.css';
import { StateSymbol } from './StateSymbol';

/** A line with more positions than this is summarised: what fails stands as symbols, the rest as counts. */
const MOST_SYMBOLS = 60;
const MOST_FAILING = 20;

interface BoardStripProps {
  jobId: string;
  line: BoardLine;
  /** Positions at which something is overdue. */
  overdue: ReadonlySet<string>;
}

/** A line of the job as a small strip: real symbols with their states, and the sentence that matters. */
export function BoardStrip({ jobId, line, overdue }: BoardStripProps) {
  const words = useWords();
  const { id, name, medium, positions } = line;
  const sentence = lineSentence(positions, medium);
  const isLong = positions.length > MOST_SYMBOLS;
  const shown = isLong ? failuresOf(positions, medium).slice(0, MOST_FAILING) : positions;
  const first = positions.length === 0 ? 'walk' : 'line-up';
  return (
    <li className={styles.line}>
      <div className={styles.name}>
        <Link to={`/jobs/${jobId}/lines/${id}/${first}`}>{name}</Link>
        <span>
          {words('board.valves', { count: positions.length, medium: translated(MEDIUM_FACTS[medium].words) })}
        </span>
      </div>
      <div className={`${styles.strip} ${pipe.pipe}`} data-pipe={MEDIUM_FACTS[medium].family}>
        <svg viewBox="0 0 36 36" width="24" height="24" aria-hidden="true" className={styles.source}>
          <circle cx="18" cy="18" r="16" />
          <path d="M8 18c4-8 7-6 10 0s6 8 10 0" fill="none" />
        </svg>
        {shown.map((position) => (
          <Symbol key={position.id} {...{ jobId, line, position }} isOverdue={overdue.has(position.id)} />
        ))}
        {isLong && <Counts line={line} />}
      </div>
      <p className={styles.sentence} data-urgent={sentence.isUrgent || undefined}>
        {translated(sentence.text)}
      </p>
    </li>
  );
}

interface SymbolProps {
  jobId: string;
  line: BoardLine;
  position: BoardPosition;
  isOverdue: boolean;
}

function Symbol({ jobId, line, position, isOverdue }: SymbolProps) {
  const words = useWords();
  const state = positionState(position, line.medium);
  const { tag, remarks } = position;
  const said = words('board.at', {
    tag,
    name: shortName({ remarks, duty: position }),
    state: [words(`board.states.${state}`), ...(isOverdue ? [words('rounds.isOverdue')] : [])].join(', '),
  });
  return (
    <Link
      to={`/jobs/${jobId}/lines/${line.id}/line-up/${encodeURIComponent(tag)}`}
      className={styles.symbol}
      aria-label={said}
      title={said}
      data-state={state}
      data-overdue={isOverdue || undefined}
    >
      <StateSymbol state={state} type={position.pickedType} asked={position.function} />
    </Link>
  );
}

/** How many valves of a long line are how far. */
function Counts({ line: { positions, medium } }: { line: BoardLine }) {
  const words = useWords();
  return (
    <span className={styles.counts}>
      {[...countByState(positions, medium)]
        .filter(([, count]) => count > 0)
        .map(([state, count]) => words('board.count', { count, state: words(`board.states.${state}`) }))
        .join(' · ')}
    </span>
  );
}
