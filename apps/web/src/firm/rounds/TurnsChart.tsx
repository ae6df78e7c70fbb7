import { type TurnPoint, unitShown } from '@grevik/core';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, CURVE, GRID, PLOT, figuresThatCount, under } from '../../kit/chart/chart-parts';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import styles from './VisitPage.module.css';

const HEIGHT = 150;

interface TurnsChartProps {
  curve: readonly TurnPoint[];
  /** Turns such a valve has. */
  usualTurns: number;
  limitNm: number;
}

/** Torque over turns, with the torque at which one stops. */
export default function TurnsChart({ curve, usualTurns, limitNm }: TurnsChartProps) {
  const words = useWords();
  const { system, quantity } = useFigures();
  const { factor, symbol } = unitShown(limitNm, 'torque', system);
  const points = curve.map(({ turn, torqueNm }) => ({ turn, torque: torqueNm / factor }));
  const limit = limitNm / factor;
  return (
    <figure className={styles.chart} aria-label={words('visit.torqueOver')}>
      <figcaption>
        <span>
          {words('visit.torque')}, {symbol}
        </span>
        <span>{words('visit.stopAt', { torque: quantity(limitNm, 'torque') })}</span>
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <LineChart data={points} {...PLOT}>
          <CartesianGrid {...GRID} />
          <XAxis
            {...AXIS}
            type="number"
            dataKey="turn"
            domain={[(least: number) => Math.min(0, least), (most: number) => Math.max(usualTurns, most)]}
            tickFormatter={figuresThatCount(2)}
            label={under(words('visit.turns'))}
          />
          <YAxis
            {...AXIS}
            domain={[0, (most: number) => Math.max(limit * 1.1, most)]}
            tickFormatter={figuresThatCount(2)}
            width={44}
          />
          <ReferenceLine y={limit} stroke="var(--out)" strokeDasharray="5 4" />
          <Line dataKey="torque" stroke="var(--ink)" strokeWidth={2} {...CURVE} />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
