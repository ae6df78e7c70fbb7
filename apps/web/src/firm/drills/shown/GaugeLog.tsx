import { type HoldsOrNotQuestion, unitShown } from '@grevik/core';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, CURVE, GRID, PLOT, figuresThatCount, under } from '../../../kit/chart/chart-parts';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';
import styles from '../Drills.module.css';

const HEIGHT = 200;
const LOW_HEIGHT = 130;

/** A gauge’s log over time, and the temperature beside it where somebody read it. */
export default function GaugeLog({
  samples,
  testPressurePa,
  holdS,
  gaugeResolutionPa = 0,
}: HoldsOrNotQuestion) {
  const words = useWords();
  const figures = useFigures();
  const { factor, symbol } = unitShown(testPressurePa, 'pressure', figures.system);
  const degrees = (celsius: number): number => (figures.system === 'us' ? celsius * 1.8 + 32 : celsius);
  const points = samples.map(({ timeS, pressurePa, temperatureC }) => ({
    min: timeS / 60,
    pressure: pressurePa / factor,
    ...(temperatureC !== undefined && { warmth: degrees(temperatureC) }),
  }));
  const isRead = samples.some(({ temperatureC }) => temperatureC !== undefined);
  const axis = (
    <XAxis
      {...AXIS}
      type="number"
      dataKey="min"
      domain={[0, 'dataMax']}
      tickFormatter={figuresThatCount(3)}
      label={under(words('drills.minutes'))}
    />
  );
  return (
    <>
      <p>
        {words('drills.hold', {
          pressure: figures.gauge(testPressurePa),
          minutes: Math.round(holdS / 60),
          resolution: `${(gaugeResolutionPa / factor).toPrecision(1)} ${symbol}`,
        })}
      </p>
      <figure className={styles.chart} aria-label={words('drills.gauge')}>
        <figcaption>
          {words('drills.gauge')}, {symbol}
        </figcaption>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart data={points} {...PLOT}>
            <CartesianGrid {...GRID} />
            {axis}
            <YAxis
              {...AXIS}
              width={60}
              domain={[
                (low: number) => Math.min(low, testPressurePa / factor),
                (high: number) => Math.max(high, testPressurePa / factor),
              ]}
              tickFormatter={figuresThatCount(5)}
            />
            <ReferenceLine y={testPressurePa / factor} stroke="var(--fits)" strokeDasharray="5 4" />
            <ReferenceLine x={holdS / 60} stroke="var(--soft-ink)" strokeDasharray="2 4" />
            <Line dataKey="pressure" stroke="var(--ink)" strokeWidth={1.6} {...CURVE} />
          </LineChart>
        </ResponsiveContainer>
      </figure>
      {isRead ? (
        <figure className={styles.chart} aria-label={words('drills.warmth')}>
          <figcaption>
            {words('drills.warmth')}, {figures.system === 'us' ? '°F' : '°C'}
          </figcaption>
          <ResponsiveContainer width="100%" height={LOW_HEIGHT}>
            <LineChart data={points} {...PLOT}>
              <CartesianGrid {...GRID} />
              {axis}
              <YAxis {...AXIS} width={60} domain={['auto', 'auto']} tickFormatter={figuresThatCount(3)} />
              <Line dataKey="warmth" stroke="var(--brass)" strokeWidth={1.6} {...CURVE} />
            </LineChart>
          </ResponsiveContainer>
        </figure>
      ) : (
        <p>{words('drills.noWarmth')}</p>
      )}
    </>
  );
}
