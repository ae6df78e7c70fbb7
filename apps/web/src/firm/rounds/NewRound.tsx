import { Alert, Button, MenuItem, TextField } from '@mui/material';
import dayjs from 'dayjs';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { useJobNamesQuery } from '../../store/api';
import { useDraftIds } from '../../store/draft-ids';
import { failureText } from '../../store/failure';
import { usePeopleQuery } from '../../store/people-api';
import { useAddRoundMutation } from '../../store/rounds-api';
import { useWords } from '../../words';
import styles from './RoundsPage.module.css';

const NOBODY = '';
const HOURS = 6;

/** Gathers what is due until a day into a round. */
export function NewRound({ jobId, until }: { jobId: string | undefined; until: string }) {
  const words = useWords();
  const navigate = useNavigate();
  const { data: jobs = [] } = useJobNamesQuery();
  const { data: people = [] } = usePeopleQuery();
  const [add, { isLoading }] = useAddRoundMutation();
  const [trouble, setTrouble] = useState<string>();
  const [name, setName] = useState<string>(() =>
    words('rounds.nameIs', { month: dayjs().format('MMMM YYYY') }),
  );
  const [chosen, setChosen] = useState<string[]>();
  const [startsOn, setStartsOn] = useState(() => dayjs().add(1, 'day').format('YYYY-MM-DD'));
  const [hours, setHours] = useState(String(HOURS));
  const [personId, setPersonId] = useState(NOBODY);
  const ids = useDraftIds(`round ${jobId ?? 'company'}`);
  const jobIds = chosen ?? (jobId === undefined ? jobs.map(({ id }) => id) : [jobId]);
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const round = {
      ...{ name, jobIds, until, startsOn, hoursADay: Number(hours) },
      ...(personId !== NOBODY && { personId }),
    };
    try {
      const { id } = await add({ id: ids.of(JSON.stringify(round)), ...round }).unwrap();
      ids.answered();
      void navigate(`/rounds/${id}`);
    } catch (error) {
      setTrouble(failureText(error));
    }
  };
  return (
    <form
      className={styles.form}
      noValidate
      onSubmit={(event) => void submit(event)}
      aria-labelledby="new-round"
    >
      <h2 id="new-round">{words('rounds.new')}</h2>
      <TextField
        size="small"
        label={words('rounds.name')}
        value={name}
        onChange={({ target }) => setName(target.value)}
        slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }}
      />
      {jobId === undefined && (
        <TextField
          select
          size="small"
          label={words('rounds.jobs')}
          value={jobIds}
          onChange={({ target }) => setChosen([target.value].flat())}
          slotProps={{ select: { multiple: true } }}
        >
          {jobs.map((job) => (
            <MenuItem key={job.id} value={job.id}>
              {job.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      <div className={styles.pair}>
        <TextField
          size="small"
          type="date"
          label={words('rounds.startsOn')}
          value={startsOn}
          onChange={({ target }) => setStartsOn(target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          size="small"
          label={words('rounds.hours')}
          value={hours}
          onChange={({ target }) => setHours(target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
        />
      </div>
      <TextField
        select
        size="small"
        label={words('rounds.person')}
        value={personId}
        onChange={({ target }) => setPersonId(target.value)}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value={NOBODY}>{words('rounds.nobody')}</MenuItem>
        {people.map((person) => (
          <MenuItem key={person.id} value={person.id}>
            {person.name}
          </MenuItem>
        ))}
      </TextField>
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      <Button type="submit" variant="contained" disabled={isLoading || jobIds.length === 0}>
        {words('rounds.create')}
      </Button>
    </form>
  );
}
