import type { JobListing } from '@grevik/contracts';
import { Alert, Button, TextField, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { type FormEvent, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { usePages } from '../../kit/pages/usePages';
import { whenWords } from '../../kit/when';
import { isStopped } from '../../store/failure';
import { useCompanyQuery, useCreateJobMutation } from '../../store/api';
import { useJobListingsQuery } from '../../store/board-api';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { AskedOfYou } from './AskedOfYou';
import { ImportJob } from './ImportJob';
import styles from './JobsPage.module.css';

const FILTERS = {
  open: ({ archivedAt }: JobListing) => archivedAt === null,
  mine: ({ archivedAt, isMine }: JobListing) => archivedAt === null && isMine,
  urgent: ({ archivedAt, urgent }: JobListing) => archivedAt === null && urgent > 0,
  archived: ({ archivedAt }: JobListing) => archivedAt !== null,
} as const;
type Filter = keyof typeof FILTERS;

/** The company's jobs: searched, filtered, those that were changed last first. */
export function JobsPage() {
  const {
    data: jobs,
    error,
    isError,
    refetch,
  } = useJobListingsQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  const { data: company } = useCompanyQuery();
  const mayStart = useMay('bring-lines');
  const words = useWords();
  if (isStopped({ data: jobs, isError, error }))
    return <Failure error={error} retry={() => void refetch()} />;
  if (!jobs) return <Loading what={words('jobs.what')} />;
  return (
    <div className={styles.page}>
      <h1>{company?.name ?? words('jobs.title')}</h1>
      <AskedOfYou />
      {jobs.length === 0 ? (
        <p>{words(mayStart ? 'jobs.none' : 'jobs.noneForYou')}</p>
      ) : (
        <JobList jobs={jobs} />
      )}
      {mayStart && <NewJob />}
      {mayStart && <ImportJob />}
    </div>
  );
}

function JobList({ jobs }: { jobs: readonly JobListing[] }) {
  const words = useWords();
  const [typed, setTyped] = useState('');
  const [filter, setFilter] = useState<Filter>('open');
  const sought = typed.trim().toLowerCase();
  const found = jobs.filter((job) => FILTERS[filter](job) && job.name.toLowerCase().includes(sought));
  const { shown, more } = usePages(found);
  return (
    <section>
      <div className={styles.tools}>
        <TextField
          size="small"
          type="search"
          label={words('jobList.find')}
          value={typed}
          onChange={({ target }) => setTyped(target.value)}
        />
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label={words('jobList.filter')}
          value={filter}
          onChange={(_event, chosen: Filter | null) => chosen && setFilter(chosen)}
        >
          {(Object.keys(FILTERS) as Filter[]).map((one) => (
            <ToggleButton key={one} value={one}>
              {words(`jobList.filters.${one}`)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <span className={styles.shown} role="status">
          {words('jobList.shown', { shown: found.length, all: jobs.length })}
        </span>
      </div>
      {found.length === 0 ? (
        <p>{words('jobList.none')}</p>
      ) : (
        <table className={styles.jobs}>
          <thead>
            <tr>
              <th scope="col">{words('jobList.name')}</th>
              <th scope="col">{words('jobList.progress')}</th>
              <th scope="col">{words('jobList.urgent')}</th>
              <th scope="col">{words('jobList.touched')}</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((job) => (
              <Row key={job.id} job={job} />
            ))}
          </tbody>
        </table>
      )}
      {more}
    </section>
  );
}

function Row({ job: { id, name, lines, positions, picked, urgent, touchedAt } }: { job: JobListing }) {
  const words = useWords();
  return (
    <tr>
      <th scope="row">
        <Link to={`/jobs/${id}`}>{name}</Link>
        <span>{words('jobList.lines', { count: lines })}</span>
      </th>
      <td>
        <span className={styles.progress}>
          <i style={{ width: `${positions === 0 ? 0 : (100 * picked) / positions}%` }} />
        </span>
        {words('jobList.ofPositions', { picked, positions })}
      </td>
      <td data-urgent={urgent > 0 || undefined}>{urgent > 0 ? urgent : '–'}</td>
      <td>{whenWords(touchedAt)}</td>
    </tr>
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
    if (made.data) void navigate(`/jobs/${made.data.id}`);
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
