import type { LineView, PositionView } from '@grevik/contracts';
import { MEDIUM_FACTS, modelWords, pickReason } from '@grevik/core';
import { Alert, Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField } from '@mui/material';
import { useState } from 'react';
import { VerdictMark } from '../kit/VerdictMark';
import { useUndoable } from '../kit/useUndoable';
import { usePickMutation, useUnpickMutation } from '../store/api';
import { failureText } from '../store/failure';
import type { ModelColumn } from './ColumnTable';

interface PickDialogProps {
  line: LineView;
  position: PositionView;
  column: ModelColumn;
  close: () => void;
}

/** Picks a valve with its reason: written for the person, and theirs to change. */
export function PickDialog({ line, position, column, close }: PickDialogProps) {
  const already = position.pick?.modelId === column.model.id ? position.pick.reason : undefined;
  const [reason, setReason] = useState(already ?? pickReason(column));
  const [pick, { isLoading, error }] = usePickMutation();
  const [unpick] = useUnpickMutation();
  const undoable = useUndoable();
  const { name, from } = modelWords(column.model);
  const at = { id: position.id, lineId: line.id };

  const save = async (): Promise<void> => {
    try {
      const before = position.pick;
      const { version } = await pick({
        ...at,
        version: position.version,
        modelId: column.model.id,
        reason,
      }).unwrap();
      undoable(`${position.tag}: ${from} picked`, () =>
        before
          ? pick({ ...at, version, modelId: before.modelId, reason: before.reason }).unwrap()
          : unpick({ ...at, version }).unwrap(),
      );
      close();
    } catch {
      // The refusal is shown in the dialog, with what was typed.
    }
  };

  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm">
      <DialogTitle>
        {name} for {position.tag}
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <div>
          <VerdictMark verdict={column.verdict} /> {from}
        </div>
        <TextField
          label="Because"
          value={reason}
          multiline
          minRows={4}
          fullWidth
          autoFocus
          error={reason.trim() === ''}
          helperText={
            reason.trim() === ''
              ? 'Say why, in a sentence your foreman would accept.'
              : 'Written for you: change it as you see fit.'
          }
          onChange={(event) => setReason(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 2000 } }}
          sx={{ marginTop: 1 }}
        />
        <p style={{ color: 'var(--soft-ink)', fontSize: 14 }}>{MEDIUM_FACTS[line.medium].caution}</p>
        {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Leave it</Button>
        <Button variant="contained" disabled={isLoading || reason.trim() === ''} onClick={() => void save()}>
          {isLoading ? 'Saving …' : 'Pick it'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
