import type { OwnTaskView } from '@grevik/contracts';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useEffect, useRef } from 'react';
import { translated, useWords } from '../../words';
import { useCancelOwnTaskMutation, useOwnTaskQuery } from '../../store/tasks-api';
import { failureText } from '../../store/failure';
import styles from './TaskProgress.module.css';

interface TaskProgressProps {
  taskId: string;
  /** Called once, when the task is done. */
  onDone: (task: OwnTaskView) => void;
  /** The person has read why it failed, or cancelled it. */
  onClose: () => void;
}

/** How far a background task is that somebody waits for: it can be cancelled, and says why it failed. */
export function TaskProgress({ taskId, onDone, onClose }: TaskProgressProps) {
  const { data: task, error } = useOwnTaskQuery(taskId);
  const [cancel, cancelling] = useCancelOwnTaskMutation();
  const words = useWords();
  const told = useRef('');
  useEffect(() => {
    if (task?.state !== 'done' || told.current === task.id) return;
    told.current = task.id;
    onDone(task);
  }, [task, onDone]);
  if (error !== undefined && !task)
    return (
      <Alert severity="error" onClose={onClose}>
        {failureText(error)}
      </Alert>
    );
  if (task?.state === 'failed' || task?.state === 'cancelled')
    return (
      <Alert severity={task.state === 'failed' ? 'error' : 'info'} onClose={onClose}>
        {task.state === 'failed' ? translated(task.problem ?? '') : words('tasks.wasCancelled')}
      </Alert>
    );
  if (task?.state === 'done') return null;
  const name = task ? words(`tasks.kinds.${task.kind}`, { what: task.what }) : '';
  return (
    <div className={styles.progress} role="status">
      <span>
        {name === '' ? words('tasks.adding') : name}
        {task?.total != null && ` · ${words('tasks.of', { done: task.done, total: task.total })}`}
      </span>
      <Button size="small" disabled={cancelling.isLoading} onClick={() => void cancel(taskId)}>
        {words('tasks.cancel')}
      </Button>
      <LinearProgress
        aria-label={name}
        {...(task?.total != null &&
          task.total > 0 && { variant: 'determinate' as const, value: (100 * task.done) / task.total })}
      />
    </div>
  );
}
