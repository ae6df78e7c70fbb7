import { unitShown } from '@grevik/core';
import dayjs from 'dayjs';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, CURVE, GRID, PLOT, figuresThatCount } from '../../kit/chart/chart-parts';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import styles from './LogPage.module.css';

const HEIGHT = 150;

interface LifeChartProps {
  /** The oldest first. */
  operated: readonly { at: string; turns: number | undefined; torqueNm: number | undefined }[];
}

/** Turns and highest torque each time a valve was operated. */
export default function LifeChart({ operated }: LifeChartProps) {
  const words = useWords();
  const { system } = useFigures();
  const { factor, symbol } = unitShown(100, 'torque', system);
  const points = operated.map(({ at, turns, torqueNm }) => ({
    at: Date.parse(at),
    turns,
    torque: torqueNm === undefined ? undefined : torqueNm / factor,
  }));
  const hasTorque = points.some(({ torque }) => torque !== undefined);
  return (
    <figure className={styles.chart} aria-label={words('log.lifeChart')}>
      <figcaption>
        <span data-line="turns">{words('visit.turns')}</span>
        {hasTorque && <span data-line="torque">{words('log.highestTorque', { unit: symbol })}</span>}
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <LineChart data={points} {...PLOT}>
          <CartesianGrid {...GRID} />
          <XAxis
            {...AXIS}
            type="number"
            scale="time"
            dataKey="at"
            domain={['dataMin', 'dataMax']}
            tickFormatter={(at: number) => dayjs(at).format('YYYY')}
          />
          <YAxis
            {...AXIS}
            yAxisId="turns"
            domain={[0, 'auto']}
            tickFormatter={figuresThatCount(2)}
            width={36}
          />
          {hasTorque && (
            <YAxis
              {...AXIS}
              yAxisId="torque"
              orientation="right"
              domain={[0, 'auto']}
              tickFormatter={figuresThatCount(2)}
              width={44}
            />
          )}
          <Line dataKey="turns" yAxisId="turns" stroke="var(--ink)" strokeWidth={2} {...CURVE} dot />
          {hasTorque && (
            <Line dataKey="torque" yAxisId="torque" stroke="var(--care)" strokeWidth={2} {...CURVE} dot />
          )}
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
