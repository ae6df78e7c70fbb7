import { FLOW_BACK, type Found, InvalidInput } from '@grevik/core';
import { MenuItem, TextField } from '@mui/material';
import { translated, useWords } from '../../words';
import { readQuantity } from '../read-quantity';

/** What came through before it was shut and after it was opened again, as it is typed. */
export interface FlowTyped {
  flow: NonNullable<Found['flow']>;
  before: string;
  after: string;
}
export const NO_FLOW_TYPED: FlowTyped = { flow: 'less', before: '', after: '' };

/** A flow as it is typed: a figure, nothing, or why it can not be read. */
function flowOf(typed: string): { value?: number; trouble?: string } {
  if (typed.trim() === '') return {};
  try {
    return { value: readQuantity(typed, 'flow') };
  } catch (error) {
    if (error instanceof InvalidInput) return { trouble: translated(error.message) };
    throw error;
  }
}

/** What was typed as facts of an entry; nothing where a figure can not be read. */
export function flowFacts({ flow, before, after }: FlowTyped): Found | undefined {
  const [one, other] = [flowOf(before), flowOf(after)];
  if (one.trouble !== undefined || other.trouble !== undefined) return undefined;
  return {
    flow,
    ...(one.value !== undefined && { flowBeforeM3s: one.value }),
    ...(other.value !== undefined && { flowAfterM3s: other.value }),
  };
}

/** How much comes through since the valve was opened again, in a word and, where it was measured, in figures. */
export function FlowFields({ typed, change }: { typed: FlowTyped; change: (typed: FlowTyped) => void }) {
  const words = useWords();
  return (
    <>
      <TextField
        select
        size="small"
        label={words('log.flow')}
        value={typed.flow}
        onChange={({ target }) => change({ ...typed, flow: target.value as FlowTyped['flow'] })}
      >
        {FLOW_BACK.map((flow) => (
          <MenuItem key={flow} value={flow}>
            {words(`found.flow.${flow}`)}
          </MenuItem>
        ))}
      </TextField>
      {(['before', 'after'] as const).map((when) => {
        const { trouble } = flowOf(typed[when]);
        return (
          <TextField
            key={when}
            size="small"
            label={words(when === 'before' ? 'log.flowBefore' : 'log.flowAfter')}
            value={typed[when]}
            error={trouble !== undefined}
            helperText={trouble}
            onChange={({ target }) => change({ ...typed, [when]: target.value })}
            slotProps={{ htmlInput: { autoComplete: 'off' } }}
          />
        );
      })}
    </>
  );
}
