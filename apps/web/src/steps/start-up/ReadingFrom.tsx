import { LOGGER_FAULTS, type DeviceView, type PlayedGauge, REDUCER_PLAYS } from '@grevik/contracts';
import { InvalidInput, type LogSample, type ReadLog, type ReadingStep, readReadings } from '@grevik/core';
import { Alert, Button, Checkbox, MenuItem, TextField, ToggleButton, ToggleButtonGroup } from '@mui/material';
import Papa from 'papaparse';
import { useState } from 'react';
import { Link } from 'react-router';
import { readTextFile } from '../../kit/read-text-file';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import type { Way } from './reading-from';
import styles from './StartUp.module.css';
import type { NewReading } from './useNewReading';
import { readQuantity } from '../../kit/read-quantity';

/** Problems of a file shown at once. */
const SHOWN = 5;

interface ReadingFromProps {
  step: ReadingStep;
  ways: readonly Way[];
  reading: NewReading;
  /** It may not begin by what else stands in the form. */
  isForbidden?: boolean;
}

/** Where the samples of a reading come from: a logger of the company, a file, or somebody who types them; and its start. */
export function ReadingFrom({ step, ways, reading, isForbidden = false }: ReadingFromProps) {
  const words = useWords();
  const { from, change, loggers, device, isReady, trouble } = reading;
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const { data } = Papa.parse<string[]>(await readTextFile(file), { skipEmptyLines: 'greedy' });
    change({ ...from, log: { ...readReadings(data), file: file.name } });
  };
  return (
    <>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={words('hold.from')}
        value={from.way}
        onChange={(_event, way: Way | null) => way && change({ ...from, way })}
      >
        {ways.map((of) => (
          <ToggleButton key={of} value={of}>
            {words(`hold.ways.${of}`)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {from.way === 'logger' &&
        (loggers.length === 0 ? (
          <p>
            {words('hold.noLogger')} <Link to="/devices">{words('hold.registerOne')}</Link>
          </p>
        ) : (
          <TextField
            select
            size="small"
            label={words('hold.logger')}
            value={device?.id ?? ''}
            onChange={({ target }) => change({ ...from, deviceId: target.value })}
            sx={{ minWidth: 260, justifySelf: 'start' }}
          >
            {loggers.map((logger) => (
              <MenuItem key={logger.id} value={logger.id} disabled={logger.reading !== null}>
                {named(logger)}
              </MenuItem>
            ))}
          </TextField>
        ))}
      {from.way === 'logger' && device?.isStandIn && (
        <Faults step={step} plays={from.plays} change={(plays) => change({ ...from, plays })} />
      )}
      {from.way === 'imported' && (
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
          {from.log && <Read log={from.log} />}
        </>
      )}
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      <Button
        type="submit"
        variant="contained"
        sx={{ justifySelf: 'start' }}
        disabled={!isReady || isForbidden}
      >
        {words(`${step}.${from.way === 'imported' ? 'judge' : 'start'}`)}
      </Button>
    </>
  );

  function named({ name, reading }: DeviceView): string {
    return reading ? words('hold.busy', { name, line: reading.lineName }) : name;
  }
}

function Read({ log: { samples, problems, file } }: { log: ReadLog<LogSample> & { file: string } }) {
  const words = useWords();
  return (
    <div role="status">
      <p>{words('hold.read', { count: samples.length, file })}</p>
      <ul>
        {problems.slice(0, SHOWN).map(({ row, text }) => (
          <li key={`${row} ${text}`}>{words('hold.problem', { row, text: translated(text) })}</li>
        ))}
        {problems.length > SHOWN && <li>{words('hold.moreProblems', { count: problems.length - SHOWN })}</li>}
      </ul>
    </div>
  );
}

interface FaultsProps {
  step: ReadingStep;
  plays: PlayedGauge;
  change: (plays: PlayedGauge) => void;
}

/** What the stand-in plays: faults to practise with. */
function Faults({ step, plays, change }: FaultsProps) {
  const words = useWords();
  return (
    <fieldset className={styles.faults}>
      <legend>{words('hold.plays')}</legend>
      {step === 'reducer' ? (
        <TextField
          select
          size="small"
          label={words('reducer.plays')}
          value={plays.reducer ?? 'holds'}
          onChange={({ target }) =>
            change({ ...plays, reducer: REDUCER_PLAYS.find((of) => of === target.value) })
          }
          sx={{ minWidth: 160 }}
        >
          {REDUCER_PLAYS.map((of) => (
            <MenuItem key={of} value={of}>
              {words(`reducer.played.${of}`)}
            </MenuItem>
          ))}
        </TextField>
      ) : (
        <GaugeFaults plays={plays} change={change} />
      )}
      {LOGGER_FAULTS.filter((fault) => step === 'hold' || fault === 'wrong-clock').map((fault) => (
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

function GaugeFaults({ plays, change }: Omit<FaultsProps, 'step'>) {
  const words = useWords();
  const figures = useFigures();
  const [leak, setLeak] = useState(figures.quantity(plays.leakPaPerMin, 'pressure'));
  return (
    <>
      <TextField
        size="small"
        label={words('hold.leak')}
        value={leak}
        onChange={({ target }) => {
          setLeak(target.value);
          try {
            change({ ...plays, leakPaPerMin: Math.max(0, readQuantity(target.value, 'pressure')) });
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
    </>
  );
}
