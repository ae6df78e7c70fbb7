import type { EntryRequest, PositionView } from '@grevik/contracts';
import { ENTRY_KINDS, ENTRY_KIND_TABLE, type EntryKind } from '@grevik/core';
import { Alert, Button, MenuItem, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type FormEvent, useState } from 'react';
import { newId } from '../../store/new-id';
import { useWriteEntry } from '../../store/useWriteEntry';
import { translated, useWords } from '../../words';
import styles from './LogPage.module.css';
import { FlowFields, type FlowTyped, NO_FLOW_TYPED, flowFacts } from '../../kit/found/FlowFields';
import { TurnsField, turnsOf } from '../../kit/found/TurnsField';

/** Writes one fact. Its id is made here: sent twice it is stored once. */
export function EntryForm({ position }: { position: PositionView }) {
  const [id, setId] = useState(() => newId());
  const [kind, setKind] = useState<EntryKind>('note');
  const [text, setText] = useState('');
  const [turns, setTurns] = useState('');
  const [flow, setFlow] = useState<FlowTyped>(NO_FLOW_TYPED);
  const { write, isWriting } = useWriteEntry(position);
  const [trouble, setTrouble] = useState<string>();
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
    const sent = await write(entry);
    setTrouble(sent.kind === 'refused' ? sent.refusal : undefined);
    if (sent.kind === 'refused') return;
    enqueueSnackbar(words(sent.kind === 'waits' ? 'log.waits' : 'log.added', { tag: position.tag }));
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
            {translated(ENTRY_KIND_TABLE[of].words)}
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
        disabled={isWriting || saysNothing || turned === 'wrong' || isFlowWrong}
      >
        {words(isWriting ? 'app.saving' : 'log.add')}
      </Button>
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      <p>{words('log.neverEdited')}</p>
    </form>
  );
}
