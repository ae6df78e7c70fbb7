import type { JobView } from '@grevik/contracts';
import { MEDIUM_FACTS } from '@grevik/core';
import { Alert, Button, TextField } from '@mui/material';
import { type FormEvent, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { useCompanyQuery, useCreateJobMutation, useJobsQuery } from '../../store/api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { failureText } from '../../store/failure';
import { BringArchive, JobFiles } from './JobFiles';
import { NewLine } from './NewLine';
import styles from './JobsPage.module.css';

/** The company's jobs, each with its lines and how far they are decided. */
export function JobsPage() {
  const { data: jobs, error, isError, refetch } = useJobsQuery();
  const { data: company } = useCompanyQuery();
  const mayStart = useMay('bring-lines');
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!jobs) return <Loading what={words('jobs.what')} />;
  return (
    <div className={styles.page}>
      <h1>{company?.name ?? words('jobs.title')}</h1>
      {jobs.length === 0 && <p>{words(mayStart ? 'jobs.none' : 'jobs.noneForYou')}</p>}
      {jobs.map((job) => (
        <JobEntry key={job.id} job={job} />
      ))}
      {mayStart && <NewJob />}
      {mayStart && <BringArchive />}
    </div>
  );
}

function JobEntry({ job }: { job: JobView }) {
  const mayWalk = useMay('walk');
  const words = useWords();
  return (
    <section className={styles.job}>
      <h2>
        <Link to={`/jobs/${job.id}`}>{job.name}</Link>
      </h2>
      {job.lines.length === 0 && <p>{words('jobs.noLines')}</p>}
      <ul>
        {job.lines.map(({ id, name, medium, positions, picked }) => (
          <li key={id}>
            <Link to={`/jobs/${job.id}/lines/${id}/line-up`}>{name}</Link>
            <span>{MEDIUM_FACTS[medium].words}</span>
            <span className={styles.progress}>
              <i style={{ width: `${positions === 0 ? 0 : (100 * picked) / positions}%` }} />
            </span>
            <span>{words('jobs.progress', { picked, positions })}</span>
          </li>
        ))}
      </ul>
      {mayWalk && <NewLine jobId={job.id} />}
      <JobFiles job={job} />
    </section>
  );
}

function NewJob() {
  const [name, setName] = useState('');
  const [create, { isLoading, error }] = useCreateJobMutation();
  const navigate = useNavigate();
  const words = useWords();
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const made = await create({ name: name.trim() });
    if (made.data) void navigate(`/jobs/${made.data.id}/walk`);
  };
  return (
    <form className={styles.fresh} onSubmit={(event) => void submit(event)}>
      <h2>{words('jobs.fresh')}</h2>
      <div className={styles.row}>
        <TextField
          size="small"
          label={words('jobs.name')}
          value={name}
          onChange={(event) => setName(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 120 } }}
        />
        <Button type="submit" variant="contained" disabled={isLoading || name.trim() === ''}>
          {words('jobs.start')}
        </Button>
      </div>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
    </form>
  );
}
