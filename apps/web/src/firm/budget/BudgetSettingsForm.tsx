import type { BudgetView } from '@grevik/contracts';
import {
  type BudgetSettings,
  HOURS_TO_CHANGE,
  InvalidInput,
  WETS,
  WETS_WORDS,
  budgetSettingsInput,
} from '@grevik/core';
import { Button, InputAdornment, TextField } from '@mui/material';
import { type FormEvent, useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import styles from './Budget.module.css';

const MOST_YEARS = 15;
/** What is typed in per cent and kept as a share. */
const PER_CENT = 100;

type Fields = Record<string, string>;

interface BudgetSettingsFormProps {
  view: BudgetView;
  save: (settings: BudgetSettings) => void;
}

/** Money and everything else a budget rests on, each figure the company’s own to change. */
export function BudgetSettingsForm({ view, save }: BudgetSettingsFormProps) {
  const words = useWords();
  const figures = useFigures();
  const mayChange = useMay('order');
  const [fields, setFields] = useState(() => fieldsOf(view.settings));
  const [trouble, setTrouble] = useState<string>();
  const years = Math.min(MOST_YEARS, Math.max(1, Math.round(Number(fields.years)) || 1));
  const field = (name: string, label: string, unit: string) => (
    <TextField
      key={name}
      size="small"
      label={label}
      value={fields[name] ?? ''}
      disabled={!mayChange}
      onChange={({ target }) => setFields({ ...fields, [name]: target.value })}
      slotProps={{
        htmlInput: { inputMode: 'decimal' },
        input: { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> },
      }}
    />
  );
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    try {
      const settings = budgetSettingsInput.read(settingsOf(fields, years), 'settings');
      setTrouble(undefined);
      save(settings);
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      setTrouble(translated(error.message.replace(/^settings\./, '')));
    }
  };
  const { currency } = view;
  const hours = HOURS_TO_CHANGE.map(([upToDn, of]) =>
    words(upToDn === Infinity ? 'budget.hoursAbove' : 'budget.hoursUpTo', {
      hours: of,
      size: upToDn === Infinity ? '' : figures.size(upToDn),
    }),
  ).join(', ');
  return (
    <form className={styles.form} onSubmit={submit} aria-label={words('budget.settings')}>
      <h2>{words('budget.money')}</h2>
      {field('years', words('budget.years'), words('budget.yearsUnit'))}
      {Array.from({ length: years }, (_, at) =>
        field(`money${at}`, words('budget.year', { year: at + 1 }), currency),
      )}
      {field('ageIfUnknown', words('budget.ageIfUnknown'), words('budget.yearsUnit'))}
      <details>
        <summary>{words('budget.assumptions')}</summary>
        <p>{words('budget.assumptionsHint', { hours })}</p>
        <div className={styles.form}>
          {field('hourlyRate', words('budget.hourlyRate'), currency)}
          {field('emergencyCall', words('budget.emergencyCall'), currency)}
          {field('emergencyTimes', words('budget.emergencyTimes'), '×')}
          {field('seizedTimes', words('budget.seizedTimes'), '×')}
          {field('discountRate', words('budget.discountRate'), '%')}
          {field('taxRate', words('budget.taxRate'), '%')}
          {WETS.map((wets) => (
            <fieldset key={wets}>
              <legend>{words('budget.wetting', { what: translated(WETS_WORDS[wets]) })}</legend>
              {field(`${wets}.cost`, words('budget.damage'), currency)}
              {field(`${wets}.chance`, words('budget.floods'), '%')}
            </fieldset>
          ))}
        </div>
      </details>
      {trouble !== undefined && (
        <p role="alert" className={styles.trouble}>
          {trouble}
        </p>
      )}
      {mayChange && (
        <Button type="submit" variant="contained">
          {words('budget.save')}
        </Button>
      )}
    </form>
  );
}

function fieldsOf({ money, damage, discountRate, taxRate, ageIfUnknown, ...plain }: BudgetSettings): Fields {
  return {
    ...Object.fromEntries(Object.entries(plain).map(([name, value]) => [name, String(value)])),
    ...Object.fromEntries(money.map((one, at) => [`money${at}`, String(one)])),
    discountRate: shown(discountRate),
    taxRate: taxRate === undefined ? '' : shown(taxRate),
    ageIfUnknown: ageIfUnknown === undefined ? '' : String(ageIfUnknown),
    ...Object.fromEntries(
      WETS.flatMap((wets) => [
        [`${wets}.cost`, String(damage[wets].cost)],
        [`${wets}.chance`, shown(damage[wets].chance)],
      ]),
    ),
  };
}

const shown = (share: number): string => String(Number((share * PER_CENT).toFixed(4)));

/** What was typed; what is no number goes as it is, and is refused by name. */
function settingsOf(fields: Fields, years: number): unknown {
  const figure = (name: string): unknown => {
    const text = (fields[name] ?? '').trim();
    return text === '' ? undefined : Number.isFinite(Number(text)) ? Number(text) : text;
  };
  const share = (name: string): unknown => {
    const of = figure(name);
    return typeof of === 'number' ? of / PER_CENT : of;
  };
  const plain = ['hourlyRate', 'emergencyCall', 'emergencyTimes', 'seizedTimes', 'ageIfUnknown', 'years'];
  return {
    ...Object.fromEntries(plain.map((name) => [name, figure(name)])),
    money: Array.from({ length: years }, (_, at) => figure(`money${at}`) ?? 0),
    discountRate: share('discountRate'),
    taxRate: share('taxRate'),
    damage: Object.fromEntries(
      WETS.map((wets) => [wets, { cost: figure(`${wets}.cost`), chance: share(`${wets}.chance`) }]),
    ),
  };
}
