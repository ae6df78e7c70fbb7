import type { ServedValveView } from '@grevik/contracts';
import { WETS, WETS_WORDS, type Wets } from '@grevik/core';
import { MenuItem, TextField } from '@mui/material';
import { useUndoable } from '../../kit/useUndoable';
import { useSetWetsMutation } from '../../store/budget-api';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';

/** Asks what gets wet where a valve fails. */
export function WetsField({ valve }: { valve: Pick<ServedValveView, 'id' | 'tag' | 'wets'> }) {
  const words = useWords();
  const undoable = useUndoable();
  const maySay = useMay('walk');
  const [set, { error }] = useSetWetsMutation();
  const say = async (wets: Wets | undefined): Promise<void> => {
    const { data } = await set({ positionId: valve.id, wets });
    if (data?.changeId) undoable(words('budget.wetsSaved', { tag: valve.tag }), { id: data.changeId });
  };
  return (
    <TextField
      select
      size="small"
      label={words('budget.wets')}
      value={valve.wets ?? ''}
      disabled={!maySay}
      error={error !== undefined}
      helperText={error && failureText(error)}
      onChange={({ target }) => void say(WETS.find((one) => one === target.value))}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      <MenuItem value="">{words('budget.wetsUnknown')}</MenuItem>
      {WETS.map((wets) => (
        <MenuItem key={wets} value={wets}>
          {translated(WETS_WORDS[wets])}
        </MenuItem>
      ))}
    </TextField>
  );
}
