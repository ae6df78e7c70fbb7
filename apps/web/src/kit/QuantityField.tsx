import { EXAMPLES, InvalidInput, type Quantity, parseNominalSize } from '@grevik/core';
import { Button, TextField } from '@mui/material';
import { type FormEvent, useState } from 'react';
import { translated, useWords } from '../words';
import { readQuantity } from './read-quantity';

interface QuantityFieldProps {
  label: string;
  quantity: Quantity | 'size';
  /** As it is shown when the field is opened; saving it unchanged changes nothing. */
  shown: string;
  /** May be left empty: the figure is then not known. */
  optional?: boolean;
  /** Answers what went wrong, in words, or nothing. */
  save: (value: number | undefined) => Promise<string | undefined>;
  close: () => void;
}

/** Takes a quantity as people type it, and says what would be right where it can not be read. */
export function QuantityField({ label, quantity, shown, optional = false, save, close }: QuantityFieldProps) {
  const words = useWords();
  const [opened] = useState(shown);
  const [typed, setTyped] = useState(opened);
  const [trouble, setTrouble] = useState<string>();
  const [saving, setSaving] = useState(false);

  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    if (typed.trim() === opened) return close();
    let value: number | undefined;
    try {
      value =
        optional && typed.trim() === ''
          ? undefined
          : quantity === 'size'
            ? parseNominalSize(typed)
            : readQuantity(typed, quantity);
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      return setTrouble(translated(error.message));
    }
    setSaving(true);
    const refused = await save(value);
    setSaving(false);
    if (refused === undefined) close();
    else setTrouble(refused);
  };

  return (
    <form
      onSubmit={(event) => void submit(event)}
      style={{ display: 'grid', gap: 10, width: 290, padding: 14 }}
      noValidate
    >
      <TextField
        autoFocus
        fullWidth
        size="small"
        label={label}
        value={typed}
        error={trouble !== undefined}
        helperText={
          trouble ??
          words('duty.like', {
            example: quantity === 'size' ? words('duty.sizeExample') : EXAMPLES[quantity],
          }) + (optional ? words('duty.emptyIfUnknown') : '')
        }
        onChange={(event) => {
          setTyped(event.target.value);
          setTrouble(undefined);
        }}
        onFocus={(event) => event.target.select()}
        slotProps={{ htmlInput: { autoComplete: 'off', enterKeyHint: 'done' } }}
      />
      <Button type="submit" variant="contained" disabled={saving}>
        {words(saving ? 'app.saving' : 'duty.set')}
      </Button>
    </form>
  );
}
