import type { BoardLine, BoardPosition, BoardView, JobOutlookView } from '@grevik/contracts';
import { capitalized } from '@grevik/core';
import { Link } from 'react-router';
import { factName, sentenceFact } from '../../kit/duty/field-words';
import { crossedSaid } from '../../kit/outlook/edges-said';
import { shortName } from '../../kit/position-name';
import { useFigures } from '../../kit/useFigures';
import { useJobOutlookQuery } from '../../store/board-api';
import { useWords } from '../../words';
import styles from './AskOnJob.module.css';

const MOST_QUESTIONS = 4;
const MOST_TAGS = 4;

interface Placed {
  line: BoardLine;
  position: BoardPosition;
}

/** Picks that their duty has outgrown, and what to ask first on the whole job: the fact that could move most picks comes first. */
export function AskOnJob({ board }: { board: BoardView }) {
  const words = useWords();
  const { data: outlook, isError } = useJobOutlookQuery(board.id, { refetchOnMountOrArgChange: true });
  if (isError) return <p>{words('board.askFailed')}</p>;
  if (!outlook)
    return (
      <p role="status" className={styles.ask}>
        {words('board.asking')}
      </p>
    );
  const places = new Map(
    board.lines.flatMap((line) =>
      line.positions.map((position) => [position.id, { line, position }] as const),
    ),
  );
  const placed = (ids: readonly string[]): Placed[] => ids.flatMap((id) => places.get(id) ?? []);
  const asked = outlook.questions.filter(({ picks, verdicts }) => placed([...picks, ...verdicts]).length > 0);
  return (
    <section className={styles.ask}>
      <Raised board={board} outlook={outlook} places={places} />
      <h2>{words('board.ask')}</h2>
      {asked.length === 0 && <p>{words('board.askNothing')}</p>}
      <ul aria-label={words('board.ask')}>
        {asked.slice(0, MOST_QUESTIONS).map(({ fact, picks, verdicts }) => {
          const moved = placed(picks.length > 0 ? picks : verdicts);
          const [first] = moved;
          return (
            <li key={fact}>
              {first && (
                <Link to={lineUpOf(board.id, first)}>{capitalized(factName(sentenceFact(fact)))}</Link>
              )}
              <span>
                {words(picks.length > 0 ? 'board.askPicks' : 'board.askVerdicts', {
                  count: moved.length,
                  tags: tagsOf(moved),
                })}
              </span>
            </li>
          );
        })}
      </ul>
      {outlook.leftOut > 0 && <p>{words('board.askLeftOut', { count: outlook.leftOut })}</p>}
    </section>
  );
}

interface RaisedProps {
  board: BoardView;
  outlook: JobOutlookView;
  places: ReadonlyMap<string, Placed>;
}

function Raised({ board, outlook, places }: RaisedProps) {
  const words = useWords();
  const figures = useFigures();
  const raised = outlook.raised.flatMap(({ id, edges }) => {
    const at = places.get(id);
    return at ? [{ ...at, edges }] : [];
  });
  if (raised.length === 0) return null;
  return (
    <>
      <h2>{words('board.raised')}</h2>
      <ul aria-label={words('board.raised')}>
        {raised.map(({ line, position, edges }) => (
          <li key={position.id} data-urgent>
            <Link to={lineUpOf(board.id, { line, position })}>
              {position.tag} {shortName({ remarks: position.remarks, duty: position })}
            </Link>
            {crossedSaid(edges, figures, words).map((said) => (
              <span key={said}>{said}</span>
            ))}
          </li>
        ))}
      </ul>
    </>
  );
}

const lineUpOf = (jobId: string, { line, position: { tag } }: Placed): string =>
  `/jobs/${jobId}/lines/${line.id}/line-up/${encodeURIComponent(tag)}`;

function tagsOf(moved: readonly Placed[]): string {
  const tags = moved.slice(0, MOST_TAGS).map(({ position: { tag } }) => tag);
  return moved.length > MOST_TAGS ? `${tags.join(', ')} …` : tags.join(', ');
}
