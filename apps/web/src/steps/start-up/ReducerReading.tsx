import type { ReducerReadingView } from '@grevik/contracts';
import { type ReducerCheck, reducerCheck, reducerSamplesOfColumns } from '@grevik/core';
import { Suspense, lazy, useMemo } from 'react';
import { useFigures } from '../../kit/useFigures';
import { useSamplesQuery } from '../../store/start-up-api';
import { useWords } from '../../words';
import { DeviceTrouble } from './DeviceTrouble';
import { Gauge } from './Gauge';
import { NO_SAMPLES } from './reading-from';
import { ReadingFoot } from './ReadingFoot';
import styles from './StartUp.module.css';

const ReducerChart = lazy(() => import('./ReducerChart'));

/** Looks of the verdicts, which a hold has too. */
const MARK: Record<ReducerCheck['verdict'], 'holds' | 'leaks' | 'not-proved'> = {
  holding: 'holds',
  creeping: 'leaks',
  hunting: 'leaks',
  'off-set': 'leaks',
  'not-proved': 'not-proved',
};

/** A reading of a reducer as it runs or as it ended: its figures, its chart and what they mean. */
export function ReducerReading({ reading, mayRecord }: { reading: ReducerReadingView; mayRecord: boolean }) {
  const words = useWords();
  const figures = useFigures();
  const { id, given, endedAt, startedAt, device } = reading;
  const isRunning = endedAt === null;
  const { data: kept = NO_SAMPLES } = useSamplesQuery(id, {
    refetchOnMountOrArgChange: true,
  });
  const samples = useMemo(() => reducerSamplesOfColumns(kept), [kept]);
  const check = useMemo(
    () => reading.result ?? (samples.length > 0 ? reducerCheck({ ...given, samples }) : undefined),
    [reading.result, given, samples],
  );
  const loss = (pa: number | undefined): string | undefined =>
    pa === undefined ? undefined : figures.loss(Math.max(0, pa));
  const shown = {
    setTo: figures.quantity(given.setPa, 'pressure'),
    rest: check?.lockUpPa && figures.gauge(check.lockUpPa),
    creep: loss(check?.creepPaPerMin),
    fallOff: loss(check?.fallOffPa),
    swing: loss(check?.swingPa),
  };
  return (
    <section className={styles.reading} aria-live="polite">
      <div className={styles.head}>
        <dl className={styles.gauges}>
          {(Object.keys(shown) as (keyof typeof shown)[]).map((name) => {
            const said = shown[name];
            return said ? <Gauge key={name} term={words(`reducer.${name}`)} said={said} /> : null;
          })}
        </dl>
        {check && (
          <div className={styles.verdict} data-verdict={MARK[check.verdict]}>
            <b>{words(`reducer.verdict.${check.verdict}`)}</b>
          </div>
        )}
      </div>
      <Suspense>
        <ReducerChart setPa={given.setPa} samples={samples} />
      </Suspense>
      {isRunning && <DeviceTrouble device={device} startedAt={startedAt} />}
      {check && <p>{words(`reducer.says.${check.verdict}`)}</p>}
      <ReadingFoot reading={reading} mayRecord={mayRecord} />
    </section>
  );
}
