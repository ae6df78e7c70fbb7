import type { OwnTaskView } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type ChangeEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { TaskProgress } from '../../kit/background-task/TaskProgress';
import { failureText } from '../../store/failure';
import { useImportJobMutation } from '../../store/tasks-api';
import { useWords } from '../../words';
import styles from './JobsPage.module.css';

/** Imports a job that was exported as a file, in the background, and opens its board. */
export function ImportJob() {
  const [send, { error, isLoading }] = useImportJobMutation();
  const [taskId, setTaskId] = useState<string>();
  const { enqueueSnackbar } = useSnackbar();
  const navigate = useNavigate();
  const words = useWords();
  const take = async ({ target }: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const [file] = target.files ?? [];
    if (!file) return;
    const { data } = await send(file);
    // The same file can be chosen again once it was mended.
    target.value = '';
    setTaskId(data?.taskId);
  };
  const onDone = ({ result }: OwnTaskView): void => {
    if (!result?.imported) return;
    const { jobId, name, positions } = result.imported;
    enqueueSnackbar(words('jobs.taken', { name, count: positions }));
    void navigate(`/jobs/${jobId}`);
  };
  return (
    <div className={styles.import}>
      <Button variant="outlined" component="label" disabled={isLoading}>
        {words(isLoading ? 'jobs.taking' : 'jobs.bringArchive')}
        <input type="file" accept=".json,application/json" hidden onChange={(event) => void take(event)} />
      </Button>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      {taskId !== undefined && (
        <TaskProgress key={taskId} {...{ taskId, onDone }} onClose={() => setTaskId(undefined)} />
      )}
    </div>
  );
}
