import { LOGGER_FAULTS, type PlayedGauge, type ReadingSource, type SamplesRequest } from '@grevik/contracts';
import {
  EXAMPLES,
  type HoldGiven,
  InvalidInput,
  type LogSample,
  type Quantity,
  type ReadLog,
  type StartedLine,
  hasPlastic,
  heldLine,
  heldPipe,
  parseQuantity,
  readReadings,
} from '@grevik/core';
import { Alert, Button, Checkbox, MenuItem, TextField, ToggleButton, ToggleButtonGroup } from '@mui/material';
import Papa from 'papaparse';
import { type FormEvent, useState } from 'react';
import { readTextFile } from '../../kit/read-text-file';
import { useFigures } from '../../kit/useFigures';
import { useLineFrame } from '../../shell/useLineFrame';
import { failureText } from '../../store/failure';
import { newId } from '../../store/new-id';
import {
  useAddSamplesMutation,
  useBeginReadingMutation,
  useEndReadingMutation,
} from '../../store/start-up-api';
import { useWords } from '../../words';
import styles from './StartUp.module.css';

interface HoldStartProps {
  line: StartedLine;
  by: 'air' | 'water';
  /** As its kind of line is usually held; undefined where that is not known. */
  pressurePa: number | undefined;
  holdS: number | undefined;
}

/** Problems of a file shown at once. */
const SHOWN = 5;
const NO_FAULTS: PlayedGauge = { leakPaPerMin: 0, coolsK: 2, faults: [] };

/** Begins a reading: what it is judged by, and where its samples come from. */
export function HoldStart({ line, by, pressurePa, holdS }: HoldStartProps) {
  const words = useWords();
  const figures = useFigures();
  const { line: kept } = useLineFrame();
  const shown = (value: number | undefined, quantity: Quantity): string =>
    value === undefined ? '' : figures.quantity(value, quantity);
  const [kind, setKind] = useState(by);
  const [typed, setTyped] = useState({
    pressure: shown(pressurePa, 'pressure'),
    time: shown(holdS, 'time'),
    gauge: '',
  });
  const [source, setSource] = useState<ReadingSource>('stand-in');
  const [plays, setPlays] = useState(NO_FAULTS);
  const [log, setLog] = useState<ReadLog<LogSample> & { file: string }>();
  const [trouble, setTrouble] = useState<string>();
  const [isBusy, setBusy] = useState(false);
  const [begin] = useBeginReadingMutation();
  const [addSamples] = useAddSamplesMutation();
  const [end] = useEndReadingMutation();
  const isForbidden = kind === 'air' && hasPlastic(line);

  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const { data } = Papa.parse<string[]>(await readTextFile(file), { skipEmptyLines: 'greedy' });
    setLog({ ...readReadings(data), file: file.name });
  };
  const start = async (given: HoldGiven): Promise<void> => {
    setBusy(true);
    try {
      const id = newId();
      const reading = { id, given, source, ...(source === 'stand-in' && { plays }) };
      await begin({ lineId: kept.id, reading }).unwrap();
      if (source === 'imported' && log) {
        await addSamples({ id, samples: columnsOf(log.samples) }).unwrap();
        await end(id).unwrap();
      }
      setTrouble(undefined);
    } catch (error) {
      setTrouble(failureText(error));
    }
    setBusy(false);
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    try {
      const gaugeResolutionPa =
        typed.gauge.trim() === '' ? undefined : parseQuantity(typed.gauge, 'pressure');
      const { volumeM3 } = heldLine(line);
      const pipe = kind === 'water' ? heldPipe(line) : undefined;
      void start({
        kind,
        testPressurePa: parseQuantity(typed.pressure, 'pressure'),
        holdS: parseQuantity(typed.time, 'time'),
        ...(gaugeResolutionPa !== undefined && { gaugeResolutionPa }),
        ...(volumeM3 !== undefined && volumeM3 > 0 && { volumeM3 }),
        ...(pipe && { pipe }),
      });
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      setTrouble(error.message);
    }
  };
  const field = (name: 'pressure' | 'time' | 'gauge', quantity: Quantity) => (
    <TextField
      size="small"
      label={words(`hold.${name}`)}
      value={typed[name]}
      placeholder={EXAMPLES[quantity]}
      sx={{ width: 200 }}
      onChange={({ target }) => setTyped((before) => ({ ...before, [name]: target.value }))}
      slotProps={{ htmlInput: { autoComplete: 'off' } }}
    />
  );
  return (
    <form className={`${styles.start} no-print`} noValidate onSubmit={submit}>
      <div className={styles.fields}>
        <TextField
          select
          size="small"
          label={words('hold.fill')}
          value={kind}
          onChange={({ target }) => setKind(target.value as 'air' | 'water')}
          sx={{ minWidth: 150 }}
        >
          {(['air', 'water'] as const).map((of) => (
            <MenuItem key={of} value={of}>
              {words(`hold.fills.${of}`)}
            </MenuItem>
          ))}
        </TextField>
        {field('pressure', 'pressure')}
        {field('time', 'time')}
        {field('gauge', 'pressure')}
      </div>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={words('hold.from')}
        value={source}
        onChange={(_event, to: ReadingSource | null) => to && setSource(to)}
      >
        {(['stand-in', 'imported', 'typed'] as const).map((of) => (
          <ToggleButton key={of} value={of}>
            {words(`hold.sources.${of}`)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {source === 'stand-in' && <Faults plays={plays} change={setPlays} />}
      {source === 'imported' && (
        <>
          <Button component="label" variant="outlined" size="small" sx={{ justifySelf: 'start' }}>
            {words('hold.file')}
            <input
              hidden
              type="file"
              accept=".csv,text/csv,text/plain"
              onChange={({ target }) => void open(target.files?.[0])}
            />
          </Button>
          {log && <Read log={log} />}
        </>
      )}
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      <Button
        type="submit"
        variant="contained"
        sx={{ justifySelf: 'start' }}
        disabled={isBusy || isForbidden || (source === 'imported' && !log?.samples.length)}
      >
        {words(source === 'imported' ? 'hold.judge' : 'hold.start')}
      </Button>
    </form>
  );
}

function Read({ log: { samples, problems, file } }: { log: ReadLog<LogSample> & { file: string } }) {
  const words = useWords();
  return (
    <div role="status">
      <p>{words('hold.read', { count: samples.length, file })}</p>
      <ul>
        {problems.slice(0, SHOWN).map(({ row, text }) => (
          <li key={`${row} ${text}`}>{words('hold.problem', { row, text })}</li>
        ))}
        {problems.length > SHOWN && <li>{words('hold.moreProblems', { count: problems.length - SHOWN })}</li>}
      </ul>
    </div>
  );
}

/** What the stand-in plays: faults to practise with. */
function Faults({ plays, change }: { plays: PlayedGauge; change: (plays: PlayedGauge) => void }) {
  const words = useWords();
  const figures = useFigures();
  const [leak, setLeak] = useState(figures.quantity(plays.leakPaPerMin, 'pressure'));
  return (
    <fieldset className={styles.faults}>
      <legend>{words('hold.plays')}</legend>
      <TextField
        size="small"
        label={words('hold.leak')}
        value={leak}
        onChange={({ target }) => {
          setLeak(target.value);
          try {
            change({ ...plays, leakPaPerMin: Math.max(0, parseQuantity(target.value, 'pressure')) });
          } catch (error) {
            if (!(error instanceof InvalidInput)) throw error;
          }
        }}
      />
      <TextField
        size="small"
        type="number"
        label={words('hold.cools')}
        value={plays.coolsK}
        onChange={({ target }) =>
          change({ ...plays, coolsK: Math.max(-40, Math.min(40, Number(target.value))) })
        }
      />
      {LOGGER_FAULTS.map((fault) => (
        <label key={fault} className={styles.tick}>
          <Checkbox
            size="small"
            checked={plays.faults.includes(fault)}
            onChange={({ target }) =>
              change({
                ...plays,
                faults: target.checked
                  ? [...plays.faults, fault]
                  : plays.faults.filter((one) => one !== fault),
              })
            }
          />
          {words(`hold.faults.${fault}`)}
        </label>
      ))}
    </fieldset>
  );
}

/** Samples column by column; temperatures only where each has one. */
function columnsOf(samples: readonly LogSample[]): SamplesRequest {
  const temperatures = samples.flatMap(({ temperatureC }) => temperatureC ?? []);
  return {
    timeS: samples.map(({ timeS }) => timeS),
    pressurePa: samples.map(({ pressurePa }) => pressurePa),
    ...(temperatures.length === samples.length && { temperatureC: temperatures }),
  };
}
