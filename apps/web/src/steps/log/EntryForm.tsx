import type { EntryRequest, PositionView } from '@grevik/contracts';
import { ENTRY_KINDS, ENTRY_KIND_TABLE, type EntryKind } from '@grevik/core';
import { Alert, Button, MenuItem, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type FormEvent, useState } from 'react';
import { failureText, refusalOf } from '../../store/failure';
import { useAddEntryMutation } from '../../store/log-api';
import { newId } from '../../store/new-id';
import { useWords } from '../../words';
import styles from './LogPage.module.css';
import { FlowFields, type FlowTyped, NO_FLOW_TYPED, flowFacts } from '../../kit/found/FlowFields';
import { TurnsField, turnsOf } from '../../kit/found/TurnsField';

/** Writes one fact. Its id is made here, and stays until it is stored: sending it twice stores it once. */
export function EntryForm({ position, lineId }: { position: PositionView; lineId: string }) {
  const [id, setId] = useState(() => newId());
  const [kind, setKind] = useState<EntryKind>('note');
  const [text, setText] = useState('');
  const [turns, setTurns] = useState('');
  const [flow, setFlow] = useState<FlowTyped>(NO_FLOW_TYPED);
  const [add, { isLoading, error }] = useAddEntryMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const turned = kind === 'turned' ? turnsOf(turns) : undefined;
  const flowFound = kind === 'flow-less' ? flowFacts(flow) : undefined;
  const isFlowWrong = kind === 'flow-less' && flowFound === undefined;
  const saysNothing = ENTRY_KIND_TABLE[kind].needsText === true && text.trim() === '';

  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const entry: EntryRequest = {
      id,
      kind,
      text: text.trim(),
      happenedAt: new Date().toISOString(),
      ...(typeof turned === 'number' && { turns: turned }),
      ...(flowFound && { found: flowFound }),
    };
    const { data } = await add({ positionId: position.id, lineId, entry });
    if (!data) return;
    enqueueSnackbar(words('log.added', { tag: position.tag }));
    setId(newId());
    setText('');
    setTurns('');
    setFlow(NO_FLOW_TYPED);
  };

  return (
    <form className={styles.form} noValidate onSubmit={(event) => void submit(event)}>
      <h2>{words('log.write')}</h2>
      <TextField
        select
        size="small"
        label={words('log.kind')}
        value={kind}
        onChange={({ target }) => setKind(target.value as EntryKind)}
      >
        {ENTRY_KINDS.filter((of) => ENTRY_KIND_TABLE[of].isChosen).map((of) => (
          <MenuItem key={of} value={of}>
            {ENTRY_KIND_TABLE[of].words}
          </MenuItem>
        ))}
      </TextField>
      {kind === 'turned' && <TurnsField text={turns} change={setTurns} />}
      {kind === 'flow-less' && <FlowFields typed={flow} change={setFlow} />}
      <TextField
        className={styles.text}
        size="small"
        multiline
        minRows={2}
        label={words('log.text')}
        value={text}
        onChange={({ target }) => setText(target.value)}
        slotProps={{ htmlInput: { maxLength: 2000 } }}
      />
      <Button
        type="submit"
        variant="contained"
        disabled={isLoading || saysNothing || turned === 'wrong' || isFlowWrong}
      >
        {words(isLoading ? 'app.saving' : 'log.add')}
      </Button>
      {error !== undefined && (
        <Alert severity="error">{refusalOf(error) ? failureText(error) : words('log.kept')}</Alert>
      )}
      <p>{words('log.neverEdited')}</p>
    </form>
  );
}
