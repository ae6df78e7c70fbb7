import { type Medium, MEDIA, MEDIUM_FACTS } from '@grevik/core';
import { Alert, Button, MenuItem, TextField } from '@mui/material';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { failureText } from '../../store/failure';
import { useAddLineMutation } from '../../store/walk-api';
import { translated, useWords } from '../../words';
import styles from './NewLine.module.css';

/** Creates a line, to be walked from its source. */
export function NewLine({ jobId }: { jobId: string }) {
  const [name, setName] = useState('');
  const [medium, setMedium] = useState<Medium>('potable-cold');
  const [add, { isLoading, error }] = useAddLineMutation();
  const navigate = useNavigate();
  const words = useWords();
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const { data } = await add({ jobId, name: name.trim(), medium });
    if (data) void navigate(`/jobs/${jobId}/lines/${data.id}/walk`);
  };
  return (
    <form className={styles.newLine} onSubmit={(event) => void submit(event)}>
      <TextField
        size="small"
        label={words('jobs.newLine')}
        value={name}
        onChange={({ target }) => setName(target.value)}
        slotProps={{ htmlInput: { maxLength: 60 } }}
      />
      <TextField
        select
        size="small"
        label={words('jobs.medium')}
        value={medium}
        onChange={({ target }) => setMedium(target.value as Medium)}
      >
        {MEDIA.map((of) => (
          <MenuItem key={of} value={of}>
            {translated(MEDIUM_FACTS[of].words)}
          </MenuItem>
        ))}
      </TextField>
      <Button type="submit" variant="outlined" disabled={isLoading || name.trim() === ''}>
        {words('jobs.walkIt')}
      </Button>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
    </form>
  );
}
