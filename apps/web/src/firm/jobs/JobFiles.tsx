import type { JobView } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type ChangeEvent, useState } from 'react';
import { Link } from 'react-router';
import { failureText } from '../../store/failure';
import { usePlaceMutation, useTakeArchiveMutation } from '../../store/archive-api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { readTextFile } from '../../kit/read-text-file';
import styles from './JobsPage.module.css';

/** A job out as one file, and its places in and out. */
export function JobFiles({ job }: { job: JobView }) {
  const [place, { error }] = usePlaceMutation();
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
      <Button size="small" variant="outlined" href={`/api/archive/jobs/${job.id}`}>
        {words('jobs.archive')}
      </Button>
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

/** Brings a job another company wrote down. */
export function BringArchive() {
  const [takeArchive, { error, isLoading }] = useTakeArchiveMutation();
  const [isNoJson, setNoJson] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const take = async ({ target }: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const archive = await jsonIn(target);
    setNoJson(archive === undefined);
    if (archive === undefined) return;
    const { data } = await takeArchive(archive);
    if (data) enqueueSnackbar(words('jobs.taken', { name: data.name, count: data.positions }));
  };
  return (
    <div className={styles.files}>
      <Button variant="outlined" component="label" disabled={isLoading}>
        {words(isLoading ? 'jobs.taking' : 'jobs.bringArchive')}
        <input type="file" accept=".json,application/json" hidden onChange={(event) => void take(event)} />
      </Button>
      {isNoJson && <Alert severity="error">{words('jobs.noJson')}</Alert>}
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
    </div>
  );
}

/** What stands in a chosen file; undefined where it is no JSON. */
async function jsonIn(input: HTMLInputElement): Promise<unknown> {
  const file = input.files?.[0];
  input.value = '';
  try {
    return file && (JSON.parse(await readTextFile(file)) as unknown);
  } catch {
    return undefined;
  }
}
