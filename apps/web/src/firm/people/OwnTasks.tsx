import type { OwnTaskView } from '@grevik/contracts';
import { Link } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { TaskButton } from '../../kit/background-task/TaskButton';
import { Failure, Loading } from '../../kit/Notice';
import { dateWords, timeWords } from '../../kit/when';
import { useCancelOwnTaskMutation, useOwnTasksQuery } from '../../store/tasks-api';
import { translated, useWords } from '../../words';
import styles from './SignIn.module.css';

/** What one had written or read in the background since yesterday, with its files. */
export function OwnTasks() {
  const { data: tasks, error, isError, refetch } = useOwnTasksQuery();
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!tasks) return <Loading what={words('tasks.own')} />;
  if (tasks.length === 0) return <p>{words('tasks.noneOfOwn')}</p>;
  return (
    <>
      <p>{words('tasks.ownBody')}</p>
      <ul className={styles.sessions} aria-label={words('tasks.own')}>
        {tasks.map((task) => (
          <OwnTask key={task.id} task={task} />
        ))}
      </ul>
    </>
  );
}

function OwnTask({
  task: { id, kind, what, state, problem, addedAt, endedAt, file, result },
}: {
  task: OwnTaskView;
}) {
  const [cancel, cancelling] = useCancelOwnTaskMutation();
  const words = useWords();
  const name = words(`tasks.kinds.${kind}`, { what });
  const { imported, walkList } = result ?? {};
  return (
    <li>
      <div>
        <b>{name}</b> · {words(`tasks.states.${state}`)} · {dateWords(addedAt)} {timeWords(addedAt)}
        {state === 'failed' && problem !== null && <p>{translated(problem)}</p>}
        {file && (
          <Link className={styles.made} href={`/api/tasks/mine/${id}/file`} download={file.name}>
            {words('tasks.file', { name: file.name, kB: Math.ceil(file.bytes / 1024) })}
          </Link>
        )}
        {walkList?.lines.map((line) => (
          <Link
            key={line.id}
            className={styles.made}
            component={RouterLink}
            to={`/jobs/${walkList.jobId}/lines/${line.id}/line-up`}
          >
            {words('tasks.openJob', { name: line.name })}
          </Link>
        ))}
        {imported && (
          <Link className={styles.made} component={RouterLink} to={`/jobs/${imported.jobId}`}>
            {words('tasks.openJob', { name: imported.name })}
          </Link>
        )}
      </div>
      {endedAt === null && (
        <TaskButton
          label={words('tasks.cancel')}
          task={name}
          isBusy={cancelling.isLoading}
          act={() => cancel(id).unwrap()}
        />
      )}
    </li>
  );
}
