import { type HoldGiven, type HoldSample, correctedPressures, keepExtremes, unitShown } from '@grevik/core';
import { useMemo } from 'react';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, CURVE, GRID, PLOT, figuresThatCount, under } from '../../kit/chart/chart-parts';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import styles from './StartUp.module.css';

const HEIGHT = 260;
/** Room above and below, as a share of the test pressure: so that the noise of a gauge does not fill the chart. */
const ROOM = 0.005;
/** Points that a screen can show. */
const MOST_POINTS = 800;

/** Pressure over time: as the gauge read it, and with the day's warmth taken out. No spike is lost, however long it is. */
export default function ReadingChart({
  given,
  samples,
}: {
  given: HoldGiven;
  samples: readonly HoldSample[];
}) {
  const figures = useFigures();
  const words = useWords();
  const unit = unitShown(samples[0]?.pressurePa ?? 0, 'pressure', figures.system);
  const drawn = useMemo(() => {
    if (samples.length < 2) return undefined;
    const corrected = correctedPressures({ ...given, samples });
    const shown = (pa: number): number => pa / unit.factor;
    const kept = new Set([
      ...keepExtremes(
        samples.map(({ pressurePa }) => pressurePa),
        MOST_POINTS / 2,
      ),
      ...keepExtremes(corrected, MOST_POINTS / 2),
    ]);
    return [...kept]
      .sort((a, b) => a - b)
      .map((at) => ({
        min: (samples[at]?.timeS ?? 0) / 60,
        read: shown(samples[at]?.pressurePa ?? 0),
        corrected: shown(corrected[at] ?? 0),
      }));
  }, [given, samples, unit.factor]);
  if (!drawn) return null;
  const start = drawn[0]?.corrected ?? 0;
  const room = (ROOM * given.testPressurePa) / unit.factor;
  const isCorrected = samples.every(({ temperatureC }) => temperatureC !== undefined);
  return (
    <figure className={styles.chart} aria-label={words('hold.chart')}>
      <figcaption>
        <span data-line="read">{words('hold.gaugeRead')}</span>
        {isCorrected && (
          <span data-line="corrected">
            {words('hold.corrected', {
              temperature: figures.quantity(samples[0]?.temperatureC, 'temperature'),
            })}
          </span>
        )}
        <span>{unit.symbol}</span>
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <LineChart data={drawn} {...PLOT}>
          <CartesianGrid {...GRID} />
          <XAxis
            {...AXIS}
            type="number"
            dataKey="min"
            domain={[0, Math.max(given.holdS / 60, drawn[drawn.length - 1]?.min ?? 0)]}
            tickFormatter={figuresThatCount(3)}
            label={under(words('hold.minutes'))}
          />
          <YAxis
            {...AXIS}
            domain={[(least: number) => least - room, (most: number) => most + room]}
            tickFormatter={figuresThatCount(4)}
            width={56}
          />
          <ReferenceLine y={start} stroke="var(--fits)" strokeDasharray="5 4" />
          <Line dataKey="read" stroke="var(--ink)" strokeWidth={1.6} {...CURVE} />
          {isCorrected && <Line dataKey="corrected" stroke="var(--fits)" strokeWidth={1.8} {...CURVE} />}
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
