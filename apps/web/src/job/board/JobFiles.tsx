import { Alert, Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type ChangeEvent, useState } from 'react';
import { Link } from 'react-router';
import { failureText } from '../../store/failure';
import { usePlaceMutation } from '../../store/archive-api';
import { useAskForJobFileMutation } from '../../store/tasks-api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { FileButton } from '../../kit/background-task/FileButton';
import { jsonIn } from '../../kit/json-in';
import styles from './JobFiles.module.css';

/** A job out as one file, and its places in and out. */
export function JobFiles({ job }: { job: { id: string; name: string } }) {
  const [place, { error }] = usePlaceMutation();
  const [askForFile] = useAskForJobFileMutation();
  const [problems, setProblems] = useState<string[]>([]);
  const mayWalk = useMay('walk');
  const mayBring = useMay('bring-lines');
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const take = async ({ target }: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const features = await jsonIn(target);
    if (features === undefined) return setProblems([words('jobs.noJson')]);
    const { data } = await place({ jobId: job.id, features });
    if (!data) return;
    setProblems(
      data.problems.map(({ feature, message }) => words('jobs.feature', { number: feature + 1, message })),
    );
    if (data.placed > 0) enqueueSnackbar(words('jobs.placed', { count: data.placed }));
  };
  return (
    <div className={styles.files}>
      {mayBring && (
        <Button
          size="small"
          variant="outlined"
          component={Link}
          to={`/jobs/${job.id}/walk`}
          aria-label={words('jobs.listInto', { job: job.name })}
        >
          {words('walkList.title')}
        </Button>
      )}
      <FileButton
        size="small"
        label={words('jobs.archive')}
        ask={async () => (await askForFile(job.id).unwrap()).taskId}
      />
      <Button
        size="small"
        variant="outlined"
        href={`/api/archive/jobs/${job.id}/positions.geojson`}
        download={`${job.name}.geojson`}
      >
        {words('jobs.places')}
      </Button>
      {mayWalk && (
        <Button size="small" variant="outlined" component="label">
          {words('jobs.bringPlaces')}
          <input type="file" accept=".geojson,.json" hidden onChange={(event) => void take(event)} />
        </Button>
      )}
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      {problems.length > 0 && (
        <Alert severity="error" onClose={() => setProblems([])}>
          {words('jobs.nonePlaced')}
          <ul>
            {problems.slice(0, 20).map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
        </Alert>
      )}
    </div>
  );
}
