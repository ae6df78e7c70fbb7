import type { DueView } from '@grevik/contracts';
import { InvalidInput, SET_BY, type SetBy, TASK_WORDS, parseInterval } from '@grevik/core';
import {
  Alert,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  TextField,
} from '@mui/material';
import { useSnackbar } from 'notistack';
import { type FormEvent, useState } from 'react';
import { failureText } from '../../store/failure';
import { useSetIntervalMutation } from '../../store/rounds-api';
import { translated, useWords } from '../../words';
import styles from './RoundsPage.module.css';
import { useIntervalWords } from './useIntervalWords';

/** Sets how often a task is done: for the company, the job or the valve it was asked at. */
export function IntervalDialog({ due, close }: { due: DueView; close: () => void }) {
  const words = useWords();
  const every = useIntervalWords();
  const { enqueueSnackbar } = useSnackbar();
  const [set, { isLoading }] = useSetIntervalMutation();
  const [of, setOf] = useState<SetBy>(due.setBy ?? 'position');
  const [typed, setTyped] = useState(every(due.every));
  const [because, setBecause] = useState('');
  const [trouble, setTrouble] = useState<string>();
  const { task, tag, positionId, jobId, jobName } = due;
  const names: Record<SetBy, string> = {
    company: words('rounds.forCompany'),
    job: words('rounds.forJob', { job: jobName }),
    position: words('rounds.forPosition', { tag }),
  };
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    try {
      const interval = parseInterval(typed);
      await set({
        interval: { task, because, ...(interval && { every: interval }) },
        ...(of === 'position' && { positionId }),
        ...(of === 'job' && { jobId }),
      }).unwrap();
      enqueueSnackbar(words('rounds.changed'));
      close();
    } catch (error) {
      setTrouble(error instanceof InvalidInput ? translated(error.message) : failureText(error));
    }
  };
  return (
    <Dialog open onClose={close} aria-labelledby="interval">
      <form noValidate onSubmit={(event) => void submit(event)}>
        <DialogTitle id="interval">
          {words('rounds.changeOf', { task: translated(TASK_WORDS[task]), tag })}
        </DialogTitle>
        <DialogContent className={styles.form}>
          <TextField
            select
            size="small"
            margin="dense"
            label={words('rounds.appliesTo')}
            value={of}
            onChange={({ target }) => setOf(target.value as SetBy)}
          >
            {SET_BY.map((one) => (
              <MenuItem key={one} value={one}>
                {names[one]}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            size="small"
            label={words('rounds.interval')}
            helperText={words('rounds.intervalIs')}
            value={typed}
            onChange={({ target }) => setTyped(target.value)}
            slotProps={{ htmlInput: { autoComplete: 'off' } }}
          />
          <TextField
            size="small"
            label={words('rounds.because')}
            value={because}
            onChange={({ target }) => setBecause(target.value)}
            slotProps={{ htmlInput: { maxLength: 300, autoComplete: 'off' } }}
          />
          {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>{words('visit.cancel')}</Button>
          <Button type="submit" variant="contained" disabled={isLoading}>
            {words('rounds.save')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
