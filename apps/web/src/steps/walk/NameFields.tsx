import type { PositionView } from '@grevik/contracts';
import { Alert, Button, TextField } from '@mui/material';
import { useState } from 'react';
import { useUndoable } from '../../kit/useUndoable';
import { failureText } from '../../store/failure';
import { inTurn } from '../../store/in-turn';
import { useMay } from '../../store/people-api';
import { useNameMutation } from '../../store/walk-api';
import { useWords } from '../../words';
import styles from './WhatIsHere.module.css';

/** Its tag, and where it is in words. */
export function NameFields({ position, lineId }: { position: PositionView; lineId: string }) {
  const [tag, setTag] = useState(position.tag);
  const [remarks, setRemarks] = useState(position.remarks);
  const [name, { isLoading, error }] = useNameMutation();
  const undoable = useUndoable();
  const mayWalk = useMay('walk');
  const words = useWords();
  const isChanged = tag.trim() !== position.tag || remarks.trim() !== position.remarks;
  const save = async (): Promise<void> => {
    try {
      const named = await inTurn(position, ({ version }) =>
        name({ id: position.id, lineId, version, tag: tag.trim(), remarks: remarks.trim() }).unwrap(),
      );
      undoable(words('walk.named', { tag: named.tag }), named.changed);
    } catch {
      // The refusal is shown beside the fields, with what was typed.
    }
  };
  return (
    <div className={styles.name}>
      <TextField
        size="small"
        label={words('walk.tag')}
        value={tag}
        disabled={!mayWalk}
        onChange={({ target }) => setTag(target.value)}
        slotProps={{ htmlInput: { maxLength: 20 } }}
      />
      <TextField
        size="small"
        multiline
        label={words('walk.where')}
        value={remarks}
        disabled={!mayWalk}
        onChange={({ target }) => setRemarks(target.value)}
        slotProps={{ htmlInput: { maxLength: 500 } }}
      />
      {isChanged && (
        <Button variant="outlined" disabled={isLoading || tag.trim() === ''} onClick={() => void save()}>
          {words('walk.saveName')}
        </Button>
      )}
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
    </div>
  );
}
