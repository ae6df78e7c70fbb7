import type { Origin, PositionDuty } from '@grevik/core';
import { Button, MenuItem, Slider, Switch, TextField } from '@mui/material';
import { useContext } from 'react';
import { useWords } from '../../../words';
import { AmountField } from './AmountField';
import styles from './CaseFields.module.css';
import {
  type AnyField,
  type FieldOf,
  type FieldsOf,
  SLIDER_STEPS,
  fromSlider,
  toSlider,
} from './case-fields';
import { IntoDutyContext, isSharedFact } from './into-duty';
import type { BenchCase } from './useCase';

/** The figures of a case, each with where it is from, a field to type and a slider to drag. */
export function CaseFields<C extends object>({ of, fields }: { of: BenchCase<C>; fields: FieldsOf<C> }) {
  const words = useWords();
  const intoDuty = useContext(IntoDutyContext);
  const shown = (Object.entries(fields) as [keyof C & string, AnyField & { hidden?: true }][]).filter(
    ([, { hidden }]) => !hidden,
  );
  return (
    <form
      className={styles.fields}
      onSubmit={(event) => event.preventDefault()}
      aria-label={words('bench.case')}
    >
      <header>
        <h2>{words('bench.case')}</h2>
        {of.isChanged && (
          <Button size="small" className="no-print" onClick={() => of.reset()}>
            {words('bench.resetAll')}
          </Button>
        )}
      </header>
      {of.unread.length > 0 && <p role="alert">{words('bench.unread', { names: of.unread.join(', ') })}</p>}
      {shown.map(([name, field]) => (
        <div key={name} className={styles.field}>
          <CaseField
            name={name}
            field={field}
            value={of.values[name]}
            set={(value) => of.set(name, value as C[typeof name])}
            settle={of.settle}
          />
          <FromWhere from={of.from(name)} reset={() => of.reset(name)} label={field.label} />
          {intoDuty && of.from(name) === 'yours' && isSharedFact(name) && (
            <Button
              size="small"
              className="no-print"
              aria-label={words('bench.intoDutyOne', { label: field.label })}
              onClick={() => {
                intoDuty(name, of.values[name] as PositionDuty[typeof name]);
                of.reset(name);
              }}
            >
              {words('bench.intoDuty')}
            </Button>
          )}
        </div>
      ))}
    </form>
  );
}

function FromWhere({ from, reset, label }: { from: Origin | 'yours'; reset: () => void; label: string }) {
  const words = useWords();
  if (from !== 'yours')
    return (
      <span className={from === 'assumed' ? styles.assumed : styles.origin}>{words(`origins.${from}`)}</span>
    );
  return (
    <button
      type="button"
      className={styles.yours}
      aria-label={words('bench.resetOne', { label })}
      onClick={reset}
    >
      {words('origins.yours')} ↺
    </button>
  );
}

interface CaseFieldProps {
  name: string;
  field: AnyField;
  value: unknown;
  set: (value: unknown) => void;
  settle: () => void;
}

function CaseField({ name, field, value, set, settle }: CaseFieldProps) {
  if (field.as === 'switch')
    return (
      <label className={styles.line}>
        {field.label}
        <Switch
          size="small"
          checked={value === true}
          onChange={(_event, checked) => set(checked)}
          onBlur={settle}
        />
      </label>
    );
  if (field.as === 'choice') {
    const { choices, say } = field as FieldOf<string>;
    return (
      <TextField
        select
        size="small"
        fullWidth
        sx={{ marginTop: 1.2 }}
        label={field.label}
        value={value}
        onChange={({ target }) => set(target.value)}
        onBlur={settle}
      >
        {choices.map((choice) => (
          <MenuItem key={choice} value={choice}>
            {say(choice)}
          </MenuItem>
        ))}
      </TextField>
    );
  }
  const amount = Number(value);
  return (
    <>
      <AmountField
        label={field.label}
        field={field}
        value={amount}
        set={(typed) => {
          set(typed);
          settle();
        }}
      />
      <Slider
        size="small"
        className={styles.slider}
        aria-label={field.label}
        name={name}
        min={0}
        max={SLIDER_STEPS}
        value={toSlider(amount, field)}
        onChange={(_event, step) =>
          set(
            field.as === 'count'
              ? Math.round(fromSlider(Number(step), field))
              : fromSlider(Number(step), field),
          )
        }
        onChangeCommitted={settle}
      />
    </>
  );
}
