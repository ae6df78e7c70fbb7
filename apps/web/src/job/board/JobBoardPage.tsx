import type { BoardView } from '@grevik/contracts';
import { POSITION_STATES } from '@grevik/core';
import { Alert, Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { isStopped } from '../../store/failure';
import { useArchiveJobMutation, useBoardQuery } from '../../store/board-api';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { useOverdue } from '../../store/useOverdue';
import { useWords } from '../../words';
import { AskOnJob } from './AskOnJob';
import { BoardStrip } from './BoardStrip';
import styles from './JobBoardPage.module.css';
import { JobFiles } from './JobFiles';
import { NewLine } from './NewLine';
import { StateSymbol } from './StateSymbol';
import { Today } from './Today';

/** A job at a glance: every line as a small strip, what is urgent today, what is next. */
export function JobBoardPage() {
  const { jobId = '' } = useParams();
  const { data: board, error, isError, refetch } = useBoardQuery(jobId, { refetchOnMountOrArgChange: true });
  const overdue = useOverdue(jobId);
  const words = useWords();
  useEffect(() => {
    if (board) document.title = `${board.name} · Grevik`;
  }, [board]);
  if (isStopped({ data: board, isError, error }))
    return <Failure error={error} retry={() => void refetch()} />;
  if (!board) return <Loading what={words('board.what')} />;
  return (
    <div className={styles.page}>
      <section className={styles.lines}>
        <h1 className={styles.title}>{board.name}</h1>
        {board.archivedAt !== null && <Archived board={board} />}
        {board.lines.length === 0 && (
          <div className={styles.empty} role="status">
            <h2>{words('board.empty')}</h2>
            <p>{words('board.emptyBody')}</p>
          </div>
        )}
        <ul>
          {board.lines.map((line) => (
            <BoardStrip key={line.id} jobId={board.id} line={line} overdue={overdue} />
          ))}
        </ul>
        <Acts board={board} />
        {board.lines.length > 0 && <Legend />}
        {board.lines.some(({ positions }) => positions.length > 0) && <AskOnJob board={board} />}
      </section>
      <Today board={board} overdue={overdue} />
    </div>
  );
}

/** What can be done with the job as a whole. */
function Acts({ board }: { board: BoardView }) {
  const mayWalk = useMay('walk');
  const mayBring = useMay('bring-lines');
  const [isAdding, setAdding] = useState(board.lines.length === 0);
  const archive = useArchiving(board);
  const words = useWords();
  return (
    <div className={`${styles.acts} no-print`}>
      {mayWalk && isAdding && <NewLine jobId={board.id} />}
      <div className={styles.buttons}>
        {mayWalk && !isAdding && (
          <Button size="small" variant="outlined" onClick={() => setAdding(true)}>
            {words('board.addLine')}
          </Button>
        )}
        <JobFiles job={board} />
        {mayBring && board.archivedAt === null && (
          <Button size="small" variant="outlined" onClick={() => void archive(true)}>
            {words('board.archive')}
          </Button>
        )}
      </div>
    </div>
  );
}

function Archived({ board }: { board: BoardView }) {
  const mayBring = useMay('bring-lines');
  const archive = useArchiving(board);
  const words = useWords();
  return (
    <Alert
      severity="info"
      action={mayBring && <Button onClick={() => void archive(false)}>{words('board.restore')}</Button>}
    >
      {words('board.archived')}
    </Alert>
  );
}

function useArchiving({ id, name }: BoardView): (archived: boolean) => Promise<void> {
  const [archive] = useArchiveJobMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  return async (archived) => {
    try {
      await archive({ id, archived }).unwrap();
      enqueueSnackbar(words(archived ? 'board.archivedDone' : 'board.restoredDone', { name }));
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
}

function Legend() {
  const words = useWords();
  return (
    <ul className={styles.legend} aria-label={words('board.legend')}>
      {POSITION_STATES.map((state) => (
        <li key={state}>
          <StateSymbol state={state} type={state === 'not-picked' ? null : 'ball'} asked="isolate" />
          {words(`board.states.${state}`)}
        </li>
      ))}
      <li>
        <i className={styles.overdue} />
        {words('rounds.isOverdue')}
      </li>
    </ul>
  );
}
