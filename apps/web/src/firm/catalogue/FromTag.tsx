import { BODY_WORDS, VALVE_TYPE_FACTS, modelFromTag, readTag } from '@grevik/core';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField } from '@mui/material';
import { useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import { ratingWords } from '../../kit/rating-choices';

/** Starts a model from what a casting says: read while it is typed. */
export function FromTag({ close, start }: { close: () => void; start: (text: string) => void }) {
  const [text, setText] = useState('');
  const figures = useFigures();
  const words = useWords();
  const { markings } = readTag(text);
  const { model, dn, unread } = modelFromTag(text);
  const settled = [
    dn !== undefined && figures.size(dn),
    model.type && translated(VALVE_TYPE_FACTS[model.type].words),
    model.bodyMaterial && translated(BODY_WORDS[model.bodyMaterial]),
    model.ratingId && ratingWords(model.ratingId, figures, words),
    translated(model.approvals?.join(', ') ?? ''),
  ].filter(Boolean);
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="tag-title">
      <DialogTitle id="tag-title">{words('catalogue.fromTag')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        <TextField
          autoFocus
          fullWidth
          label={words('catalogue.tagSays')}
          placeholder="3 300 WCB"
          value={text}
          onChange={({ target }) => setText(target.value)}
          sx={{ marginTop: 1 }}
          slotProps={{ htmlInput: { autoComplete: 'off', maxLength: 200 } }}
        />
        <ul style={{ margin: 0, paddingLeft: 18 }}>
          {markings.map(({ text: mark, meaning }, at) => (
            <li key={`${at} ${mark}`}>
              <b>{mark}</b>: {translated(meaning)}
            </li>
          ))}
        </ul>
        {settled.length > 0 && <p>{words('catalogue.settles', { what: settled.join(', ') })}</p>}
        {unread.length > 0 && <p>{words('catalogue.unread', { words: unread.join(' ') })}</p>}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>{words('catalogue.leave')}</Button>
        <Button variant="contained" disabled={text.trim() === ''} onClick={() => start(text)}>
          {words('catalogue.startFromTag')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
