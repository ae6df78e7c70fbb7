import type { HoldReadingView } from '@grevik/contracts';
import {
  EXAMPLES,
  type HoldSample,
  type HoldTest,
  InvalidInput,
  holdSoFar,
  inUnits,
  samplesOfColumns,
} from '@grevik/core';
import { Alert, Button, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { Suspense, lazy, useMemo, useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { useOutbox } from '../../store/useOutbox';
import { useSamplesQuery } from '../../store/start-up-api';
import { translated, useWords } from '../../words';
import { DeviceTrouble } from './DeviceTrouble';
import { Gauge } from './Gauge';
import { NO_SAMPLES } from './reading-from';
import { ReadingFoot } from './ReadingFoot';
import { readQuantity } from '../../kit/read-quantity';
import styles from './StartUp.module.css';

/** Charts come after the figures, and their library with them. */
const ReadingChart = lazy(() => import('./ReadingChart'));

interface HoldReadingProps {
  reading: HoldReadingView;
  isPlastic: boolean;
  mayRecord: boolean;
}

/** A reading as it runs or as it ended: its figures, its chart, what it means so far and what is still missing. */
export function HoldReading({ reading, isPlastic, mayRecord }: HoldReadingProps) {
  const words = useWords();
  const figures = useFigures();
  const { id, given, endedAt, startedAt } = reading;
  const isRunning = endedAt === null;
  const { data: kept = NO_SAMPLES } = useSamplesQuery(id, {
    refetchOnMountOrArgChange: true,
  });
  const samples = useMemo(() => samplesOfColumns(kept), [kept]);
  const soFar = useMemo(
    () => (samples.length > 0 ? holdSoFar({ ...given, samples }) : undefined),
    [given, samples],
  );
  const test = reading.result ?? soFar?.test;
  const last = samples[samples.length - 1];
  const holdMin = Math.round(given.holdS / 60);
  const verdict = test?.verdict;
  return (
    <section className={styles.reading} aria-live="polite">
      <div className={styles.head}>
        <dl className={styles.gauges}>
          <Gauge
            term={words('hold.asked')}
            said={words('hold.askedFor', {
              pressure: figures.quantity(given.testPressurePa, 'pressure'),
              time: figures.quantity(given.holdS, 'time'),
            })}
          />
          {last && <Gauge term={words('hold.now')} said={figures.gauge(last.pressurePa)} />}
          {last?.temperatureC !== undefined && (
            <Gauge
              term={words('hold.pipe')}
              said={`${figures.quantity(samples[0]?.temperatureC, 'temperature')} → ${figures.quantity(last.temperatureC, 'temperature')}`}
            />
          )}
          {test?.temperatureEffectPa !== undefined && (
            <Gauge term={words('hold.warmth')} said={signed(test.temperatureEffectPa)} />
          )}
          {test?.dropPa !== undefined && (
            <Gauge term={words('hold.lost')} said={figures.loss(Math.max(0, test.dropPa))} />
          )}
        </dl>
        {verdict && (
          <div className={styles.verdict} data-verdict={verdict}>
            <b>{words(isRunning ? `hold.soFar.${verdict}` : `hold.verdict.${verdict}`)}</b>
            {soFar && <span>{words('hold.of', { held: Math.floor(soFar.heldS / 60), hold: holdMin })}</span>}
          </div>
        )}
      </div>
      <Suspense>
        <ReadingChart given={given} samples={samples} />
      </Suspense>
      {isRunning && <DeviceTrouble device={reading.device} startedAt={startedAt} />}
      {test && <p>{meaning(test, samples)}</p>}
      {isRunning && isPlastic && verdict === 'leaks' && <p>{words('hold.says.plastic')}</p>}
      {isRunning && soFar && soFar.missingS > 0 && soFar.heldS > 0 && (
        <p>{words('hold.wait', { count: Math.max(1, Math.ceil(given.holdS / 60)) })}</p>
      )}
      <ReadingFoot reading={reading} mayRecord={mayRecord}>
        {reading.source === 'typed' && <TypedSample id={id} lastS={last?.timeS} />}
      </ReadingFoot>
    </section>
  );

  /** What the figures mean, in a sentence. */
  function meaning(of: HoldTest, read: readonly HoldSample[]): string {
    const effect = of.temperatureEffectPa ?? 0;
    const [first, now] = [read[0]?.temperatureC, read[read.length - 1]?.temperatureC];
    const apart = first === undefined || now === undefined ? 0 : now - first;
    const parts = [
      ...(Math.abs(effect) > (given.gaugeResolutionPa ?? 0) && apart !== 0
        ? [
            words(effect < 0 ? 'hold.effectFell' : 'hold.effectRose', {
              pressure: figures.loss(Math.abs(effect)),
              kelvin: degrees(Math.abs(apart)),
            }),
          ]
        : []),
      of.verdict === 'not-proved' && of.reason
        ? words(`hold.says.${of.reason}`)
        : words(of.verdict === 'leaks' ? 'hold.says.leaks' : 'hold.says.holds', {
            lost: figures.loss(Math.max(0, of.dropPa ?? 0)),
          }),
    ];
    return parts.join(' ');
  }

  /** A change of pressure with its sign. */
  function signed(pa: number): string {
    return `${pa < 0 ? '−' : ''}${figures.loss(Math.abs(pa))}`;
  }

  /** A difference of temperatures. */
  function degrees(kelvin: number): string {
    const isUs = figures.system === 'us';
    return `${(isUs ? kelvin * 1.8 : kelvin).toFixed(1)} ${inUnits(0, 'temperature', figures.system).symbol}`;
  }
}

/** A reading typed from the gauge: minutes since the start, pressure, and temperature where somebody read it. */
function TypedSample({ id, lastS }: { id: string; lastS: number | undefined }) {
  const [typed, setTyped] = useState({ minutes: '', gauge: '', pipe: '' });
  const [trouble, setTrouble] = useState<string>();
  const send = useOutbox();
  const [isSending, setSending] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const save = async (): Promise<void> => {
    try {
      const minutes = Number(typed.minutes.replace(',', '.'));
      if (typed.minutes.trim() === '' || !Number.isFinite(minutes))
        return setTrouble(words('startUp.notNumber'));
      const pipe = typed.pipe.trim() === '' ? undefined : readQuantity(typed.pipe, 'temperature');
      const samples = {
        timeS: [minutes * 60],
        pressurePa: [readQuantity(typed.gauge, 'pressure')],
        ...(pipe !== undefined && { temperatureC: [pipe] }),
      };
      setSending(true);
      const sent = await send({
        title: words('hold.gaugeAt'),
        path: `readings/${id}/samples`,
        body: samples,
      });
      setSending(false);
      if (sent.kind === 'refused') return setTrouble(sent.refusal);
      if (sent.kind === 'waits')
        enqueueSnackbar(words('startUp.savedHere', { title: words('hold.gaugeAt') }));
      setTyped({ minutes: '', gauge: '', pipe: '' });
      setTrouble(undefined);
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      setTrouble(translated(error.message));
    }
  };
  const field = (name: keyof typeof typed, label: string, hint: string) => (
    <TextField
      size="small"
      label={label}
      helperText={hint}
      value={typed[name]}
      onChange={({ target }) => setTyped((before) => ({ ...before, [name]: target.value }))}
      slotProps={{ htmlInput: { autoComplete: 'off', inputMode: name === 'minutes' ? 'decimal' : 'text' } }}
    />
  );
  return (
    <form
      className={`${styles.fields} no-print`}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {field('minutes', words('hold.timeMin'), lastS === undefined ? '0' : `> ${lastS / 60}`)}
      {field('gauge', words('hold.gaugeAt'), words('startUp.typeLike', { example: EXAMPLES.pressure }))}
      {field('pipe', words('hold.pipeAt'), words('startUp.typeLike', { example: EXAMPLES.temperature }))}
      <Button type="submit" variant="contained" disabled={isSending}>
        {words('hold.add')}
      </Button>
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
    </form>
  );
}
