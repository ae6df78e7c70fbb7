import type { LineView, PositionView } from '@grevik/contracts';
import { type HouseRuleSettings, MEDIUM_FACTS, type PickContext, modelWords, pickReason } from '@grevik/core';
import { Alert, Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField } from '@mui/material';
import { useState } from 'react';
import { VerdictMark } from '../../kit/VerdictMark';
import { useUndoable } from '../../kit/useUndoable';
import { usePickMutation } from '../../store/api';
import { failureText, refusalOf } from '../../store/failure';
import { inTurn } from '../../store/in-turn';
import { translated, useWords } from '../../words';
import type { ModelColumn } from '../../kit/outlook/model-column';
import { PickMany } from './PickMany';

interface PickDialogProps {
  line: LineView;
  position: PositionView;
  column: ModelColumn;
  settings: HouseRuleSettings;
  /** An open question could change its verdict. */
  isSoFar: boolean;
  /** What it beats, rests on and holds until. */
  context?: PickContext;
  close: () => void;
}

/** Picks a valve with its reason: written for the person, and theirs to change. */
export function PickDialog({ line, position, column, settings, isSoFar, context, close }: PickDialogProps) {
  const already = position.pick?.modelId === column.model.id ? position.pick.reason : undefined;
  const [suggested] = useState(() => already ?? pickReason(column, context));
  const [typed, setTyped] = useState(() => translated(suggested));
  // Left as it was suggested it is kept in English, so that everybody reads it in their own language.
  const reason = typed === translated(suggested) ? suggested : typed;
  const [pick, { isLoading, error }] = usePickMutation();
  const [forMany, setForMany] = useState(false);
  const undoable = useUndoable();
  const words = useWords();
  const { name, from } = modelWords(column.model);
  const isEmpty = reason.trim() === '';

  const save = async (): Promise<void> => {
    try {
      const { changed } = await inTurn(position, ({ version }) =>
        pick({ id: position.id, lineId: line.id, version, modelId: column.model.id, reason }).unwrap(),
      );
      undoable(words('pick.done', { tag: position.tag, model: from }), changed);
      close();
    } catch {
      // The refusal is shown in the dialog, with what was typed.
    }
  };

  if (forMany)
    return (
      <PickMany
        line={line}
        position={position}
        model={column.model}
        reason={reason}
        settings={settings}
        close={close}
      />
    );
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="pick-title">
      <DialogTitle id="pick-title">
        {words('pick.title', { name: translated(name), tag: position.tag })}
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <div>
          <VerdictMark verdict={column.verdict} isSoFar={isSoFar} /> {from}
        </div>
        <TextField
          label={words('pick.because')}
          value={typed}
          multiline
          minRows={4}
          fullWidth
          autoFocus
          error={isEmpty}
          helperText={words(isEmpty ? 'pick.needed' : 'pick.written')}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && !isEmpty && !isLoading)
              void save();
          }}
          slotProps={{ htmlInput: { maxLength: 2000 } }}
          sx={{ marginTop: 1 }}
        />
        <p style={{ color: 'var(--soft-ink)', fontSize: 14 }}>
          {translated(MEDIUM_FACTS[line.medium].caution)}
        </p>
        {error !== undefined && <Alert severity="error">{refusalWords()}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>{words('pick.leave')}</Button>
        <Button disabled={isEmpty} onClick={() => setForMany(true)}>
          {words('pickMany.button')}
        </Button>
        <Button variant="contained" disabled={isLoading || isEmpty} onClick={() => void save()}>
          {words(isLoading ? 'app.saving' : 'pick.pickIt')}
        </Button>
      </DialogActions>
    </Dialog>
  );

  /** Where somebody else picked meanwhile: whose pick it is, and why; picking once more keeps one's own. */
  function refusalWords(): string {
    const refusal = refusalOf(error);
    const theirs = (refusal?.current as PositionView | undefined)?.pick;
    if (refusal?.code !== 'stale' || !theirs) return failureText(error);
    return words('pick.meanwhile', { by: theirs.pickedBy ?? '', theirs: translated(theirs.reason) });
  }
}
