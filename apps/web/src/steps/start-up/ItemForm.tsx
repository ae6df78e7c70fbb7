import {
  EXAMPLES,
  InvalidInput,
  type StartUpItem,
  type StartUpStepId,
  type StepField,
  type StepValues,
} from '@grevik/core';
import { Alert, Button, Checkbox, MenuItem, TextField } from '@mui/material';
import { type FormEvent, useState } from 'react';
import { type Figures, useFigures } from '../../kit/useFigures';
import { dateWords } from '../../kit/when';
import { translated, useWords } from '../../words';
import styles from './StartUp.module.css';
import { useWriteStartUp } from './useWriteStartUp';
import { readQuantity } from '../../kit/read-quantity';

interface ItemFormProps {
  step: StartUpStepId;
  item: StartUpItem;
  fields: readonly StepField[];
  mayRecord: boolean;
}

type Typed = Readonly<Record<string, string | boolean>>;

/** One thing of a step: its figures, what is typed and ticked, and what is wrong with it. */
export function ItemForm({ step, item, fields, mayRecord }: ItemFormProps) {
  const figures = useFigures();
  const words = useWords();
  const [typed, setTyped] = useState<Typed>(() => shownValues(fields, item.values, figures));
  const [troubles, setTroubles] = useState<Readonly<Record<string, string>>>({});
  const { write, isLoading } = useWriteStartUp();
  const change = (name: string, value: string | boolean): void => {
    setTyped((before) => ({ ...before, [name]: value }));
    setTroubles(({ [name]: _, ...rest }) => rest);
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const { values, wrong } = readValues(fields, typed, words('startUp.notNumber'));
    setTroubles(wrong);
    if (Object.keys(wrong).length === 0)
      void write({ step, kind: 'item', item: item.id, values }, translated(item.title));
  };
  return (
    <form className={styles.item} data-done={item.isDone || undefined} noValidate onSubmit={submit}>
      <h3>
        {item.isDone && <span aria-hidden="true">✓ </span>}
        {translated(item.title)}
      </h3>
      {item.note !== undefined && <p className={styles.note}>{figures.sentence(item.note)}</p>}
      <p className={styles.figures}>
        {item.figures.map(({ label, value, quantity }) => (
          <span key={label}>
            {translated(label)}{' '}
            <b>
              {quantity === undefined
                ? String(Number(value.toPrecision(3)))
                : quantity === 'volume'
                  ? figures.volume(value)
                  : figures.quantity(value, quantity)}
            </b>
          </span>
        ))}
        {item.by !== undefined && item.at !== undefined && (
          <i>{words('startUp.signed', { by: item.by, date: dateWords(item.at) })}</i>
        )}
      </p>
      <div className={styles.fields}>
        {fields.map((field) => (
          <Field
            key={field.name}
            field={field}
            value={typed[field.name]}
            trouble={troubles[field.name]}
            isDisabled={!mayRecord}
            change={(value) => change(field.name, value)}
          />
        ))}
        {mayRecord && (
          <Button type="submit" size="small" variant="outlined" disabled={isLoading} className="no-print">
            {words('startUp.save')}
          </Button>
        )}
      </div>
      {item.objection !== undefined && (
        <Alert severity="warning" role="note">
          {figures.sentence(item.objection)}
        </Alert>
      )}
    </form>
  );
}

interface FieldProps {
  field: StepField;
  value: string | boolean | undefined;
  trouble: string | undefined;
  isDisabled: boolean;
  change: (value: string | boolean) => void;
}

function Field({ field, value, trouble, isDisabled, change }: FieldProps) {
  const words = useWords();
  if (field.kind === 'tick')
    return (
      <label className={styles.tick}>
        <Checkbox
          size="small"
          checked={value === true}
          disabled={isDisabled}
          onChange={({ target }) => change(target.checked)}
        />
        {translated(field.label)}
      </label>
    );
  const hint =
    field.kind === 'figure' && field.quantity
      ? words('startUp.typeLike', { example: EXAMPLES[field.quantity] })
      : undefined;
  return (
    <TextField
      size="small"
      label={translated(field.label)}
      value={typeof value === 'string' ? value : ''}
      disabled={isDisabled}
      error={trouble !== undefined}
      helperText={trouble ?? hint}
      select={field.kind === 'choice'}
      onChange={({ target }) => change(target.value)}
      sx={{ minWidth: 170 }}
      slotProps={{ htmlInput: { maxLength: 500, autoComplete: 'off' } }}
    >
      {field.kind === 'choice' &&
        field.choices.map(({ id, words: said }) => (
          <MenuItem key={id} value={id}>
            {said}
          </MenuItem>
        ))}
    </TextField>
  );
}

function shownValues(fields: readonly StepField[], values: StepValues, figures: Figures): Typed {
  const shown: Record<string, string | boolean> = {};
  for (const field of fields) {
    const value = values[field.name];
    if (value === undefined) continue;
    shown[field.name] =
      typeof value !== 'number'
        ? value
        : field.kind === 'figure' && field.quantity
          ? figures.quantity(value, field.quantity)
          : String(value);
  }
  return shown;
}

/** What was typed in SI; what was left empty is left out. */
function readValues(
  fields: readonly StepField[],
  typed: Typed,
  notNumber: string,
): { values: StepValues; wrong: Record<string, string> } {
  const values: Record<string, string | number | boolean> = {};
  const wrong: Record<string, string> = {};
  for (const field of fields) {
    const value = typed[field.name];
    if (value === undefined || value === '' || value === false) continue;
    if (field.kind !== 'figure') values[field.name] = typeof value === 'string' ? value.trim() : value;
    else {
      const read = figureOf(String(value), field, notNumber);
      if (typeof read === 'number') values[field.name] = read;
      else wrong[field.name] = read.trouble;
    }
  }
  return { values, wrong };
}

function figureOf(
  text: string,
  { quantity }: Extract<StepField, { kind: 'figure' }>,
  notNumber: string,
): number | { trouble: string } {
  if (!quantity) {
    const figure = Number(text.trim().replace(',', '.'));
    return Number.isFinite(figure) ? figure : { trouble: notNumber };
  }
  try {
    return readQuantity(text, quantity);
  } catch (error) {
    if (!(error instanceof InvalidInput)) throw error;
    return { trouble: translated(error.message) };
  }
}
