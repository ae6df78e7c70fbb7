import { Alert, Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type ChangeEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { jsonIn } from '../../kit/json-in';
import { useTakeArchiveMutation } from '../../store/archive-api';
import { failureText } from '../../store/failure';
import { useWords } from '../../words';
import styles from './JobsPage.module.css';

/** Imports a job that was exported as a file, and opens its board. */
export function ImportJob() {
  const [takeArchive, { error, isLoading }] = useTakeArchiveMutation();
  const [isNoJson, setNoJson] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const navigate = useNavigate();
  const words = useWords();
  const take = async ({ target }: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const archive = await jsonIn(target);
    setNoJson(archive === undefined);
    if (archive === undefined) return;
    const { data } = await takeArchive(archive);
    if (!data) return;
    enqueueSnackbar(words('jobs.taken', { name: data.name, count: data.positions }));
    void navigate(`/jobs/${data.jobId}`);
  };
  return (
    <div className={styles.import}>
      <Button variant="outlined" component="label" disabled={isLoading}>
        {words(isLoading ? 'jobs.taking' : 'jobs.bringArchive')}
        <input type="file" accept=".json,application/json" hidden onChange={(event) => void take(event)} />
      </Button>
      {isNoJson && <Alert severity="error">{words('jobs.noJson')}</Alert>}
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
    </div>
  );
}
