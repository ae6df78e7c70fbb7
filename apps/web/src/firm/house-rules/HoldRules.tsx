import type { CompanyView } from '@grevik/contracts';
import {
  EXAMPLES,
  HOLD_RULES,
  InvalidInput,
  LINE_KINDS,
  type LineKind,
  type OwnHoldRule,
  type OwnHoldRules,
  type Quantity,
} from '@grevik/core';
import { Alert, Button, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { type FormEvent, useState } from 'react';
import { type Figures, useFigures } from '../../kit/useFigures';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { useSetHoldRulesMutation } from '../../store/walk-api';
import { translated, useWords } from '../../words';
import { readQuantity } from '../../kit/read-quantity';
import styles from './HoldRules.module.css';

const FIELDS = ['times', 'least', 'time', 'source'] as const;
type Typed = Record<(typeof FIELDS)[number], string>;

/** Test pressures and times by kind of line: as usual, or as the company sets them, with by whose word. */
export function HoldRules({ company }: { company: CompanyView }) {
  const words = useWords();
  return (
    <section id="hold-rules" className={styles.rules} aria-labelledby="hold-rules-title">
      <h2 id="hold-rules-title">{words('holdRules.title')}</h2>
      <p>{words('holdRules.body')}</p>
      {LINE_KINDS.map((kind) => (
        <Rule key={`${kind} ${company.version}`} kind={kind} company={company} />
      ))}
    </section>
  );
}

function Rule({ kind, company }: { kind: LineKind; company: CompanyView }) {
  const words = useWords();
  const figures = useFigures();
  const [typed, setTyped] = useState(() => shownRule(company.holdRules[kind], figures));
  const [trouble, setTrouble] = useState<string>();
  const [set, { isLoading }] = useSetHoldRulesMutation();
  const mayTake = useMay('house-rules');
  const { enqueueSnackbar } = useSnackbar();
  const usual = HOLD_RULES[kind];
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    try {
      const { [kind]: _was, ...others } = company.holdRules;
      const own = readRule(typed, words('holdRules.needsSource'));
      const holdRules: OwnHoldRules = own ? { ...others, [kind]: own } : others;
      await set({ version: company.version, holdRules }).unwrap();
      enqueueSnackbar(words('holdRules.saved'));
    } catch (error) {
      setTrouble(error instanceof InvalidInput ? translated(error.message) : failureText(error));
    }
  };
  const hints: Record<(typeof FIELDS)[number], string> = {
    times: '1.5',
    least: EXAMPLES.pressure,
    time: EXAMPLES.time,
    source: usual.source,
  };
  return (
    <form className={styles.rule} noValidate onSubmit={(event) => void submit(event)}>
      <p>
        <b>{translated(usual.words)}</b> {words('holdRules.usual')}: {translated(usual.asks)}.{' '}
        {translated(usual.source)}
      </p>
      <div className={styles.fields}>
        {FIELDS.map((name) => (
          <TextField
            key={name}
            size="small"
            label={words(`holdRules.${name}`)}
            placeholder={hints[name]}
            value={typed[name]}
            disabled={!mayTake}
            className={name === 'source' ? styles.source : undefined}
            onChange={({ target }) => setTyped((before) => ({ ...before, [name]: target.value }))}
            slotProps={{ htmlInput: { maxLength: 200, autoComplete: 'off' }, inputLabel: { shrink: true } }}
          />
        ))}
        {mayTake && (
          <Button type="submit" variant="outlined" size="small" disabled={isLoading}>
            {words('holdRules.save')}
          </Button>
        )}
      </div>
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
    </form>
  );
}

function shownRule(own: OwnHoldRule | undefined, figures: Figures): Typed {
  const shown = (value: number | undefined, quantity: Quantity): string =>
    value === undefined ? '' : figures.quantity(value, quantity);
  return {
    times: own?.timesWorking === undefined ? '' : String(own.timesWorking),
    least: shown(own?.leastPa, 'pressure'),
    time: shown(own?.holdS, 'time'),
    source: own?.source ?? '',
  };
}

/** What was typed; undefined where every figure is left empty: then the line is held as usual. */
function readRule({ times, least, time, source }: Typed, needsSource: string): OwnHoldRule | undefined {
  if (times.trim() === '' && least.trim() === '' && time.trim() === '') return undefined;
  if (source.trim() === '') throw new InvalidInput('source', needsSource);
  return {
    source: source.trim(),
    ...(times.trim() !== '' && { timesWorking: Number(times.trim().replace(',', '.')) }),
    ...(least.trim() !== '' && { leastPa: readQuantity(least, 'pressure') }),
    ...(time.trim() !== '' && { holdS: readQuantity(time, 'time') }),
  };
}
