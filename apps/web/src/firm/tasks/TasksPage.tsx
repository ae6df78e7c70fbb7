import type { TaskView } from '@grevik/contracts';
import {
  LinearProgress,
  Table,
  TableBody,
  TableCell,
  TableContainer,
  TableHead,
  TableRow,
} from '@mui/material';
import { TaskButton } from '../../kit/background-task/TaskButton';
import { Failure, Loading } from '../../kit/Notice';
import { dateWords, timeWords } from '../../kit/when';
import { useBeginTaskAgainMutation, useCancelTaskMutation, useTasksQuery } from '../../store/tasks-api';
import { translated, useWords } from '../../words';
import styles from './TasksPage.module.css';

/** What the servers do by themselves: what waits, what runs and how far it is, what failed and why. */
export function TasksPage() {
  const { data: tasks, error, isError, refetch } = useTasksQuery();
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!tasks) return <Loading what={words('tasks.title')} />;
  return (
    <div className={styles.page}>
      <h1>{words('tasks.title')}</h1>
      <p>{words('tasks.body')}</p>
      {tasks.length === 0 ? (
        <p role="status">{words('tasks.none')}</p>
      ) : (
        <TableContainer tabIndex={0}>
          <Table size="small" aria-label={words('tasks.title')}>
            <TableHead>
              <TableRow>
                <TableCell>{words('tasks.task')}</TableCell>
                <TableCell>{words('tasks.state')}</TableCell>
                <TableCell>{words('tasks.added')}</TableCell>
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {tasks.map((task) => (
                <TaskRow key={task.id} task={task} />
              ))}
            </TableBody>
          </Table>
        </TableContainer>
      )}
    </div>
  );
}

function TaskRow({ task }: { task: TaskView }) {
  const { id, kind, what, state, done, total, tries, problem, by, addedAt } = task;
  const [cancel, cancelling] = useCancelTaskMutation();
  const [again, beginning] = useBeginTaskAgainMutation();
  const words = useWords();
  const name = words(`tasks.kinds.${kind}`, { what });
  const hasEnded = state !== 'waiting' && state !== 'running';
  return (
    <TableRow>
      <TableCell>
        <b>{name}</b>
      </TableCell>
      <TableCell className={styles.state}>
        {words(`tasks.states.${state}`)}
        {total !== null && ` · ${words('tasks.of', { done, total })}`}
        {tries > 1 && ` · ${words('tasks.tries', { count: tries })}`}
        {state === 'running' && total !== null && (
          <LinearProgress
            variant="determinate"
            value={total === 0 ? 0 : Math.floor((100 * done) / total)}
            aria-label={name}
          />
        )}
        {problem !== null && <p className={styles.problem}>{translated(problem)}</p>}
      </TableCell>
      <TableCell>
        {dateWords(addedAt)} {timeWords(addedAt)}
        {by !== null && ` · ${by}`}
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        {!hasEnded && (
          <TaskButton
            label={words('tasks.cancel')}
            task={name}
            isBusy={cancelling.isLoading}
            act={() => cancel(id).unwrap()}
          />
        )}
        {(state === 'failed' || state === 'cancelled') && (
          <TaskButton
            label={words('tasks.again')}
            task={name}
            isBusy={beginning.isLoading}
            act={() => again(id).unwrap()}
          />
        )}
      </TableCell>
    </TableRow>
  );
}
