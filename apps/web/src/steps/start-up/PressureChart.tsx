import type { Unit } from '@grevik/core';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, CURVE, GRID, PLOT, figuresThatCount, under } from '../../kit/chart/chart-parts';
import { useWords } from '../../words';
import styles from './StartUp.module.css';

/** Points that a screen can show. */
export const MOST_POINTS = 800;

const PENS = {
  read: { stroke: 'var(--ink)', strokeWidth: 1.6 },
  corrected: { stroke: 'var(--fits)', strokeWidth: 1.8 },
} as const;

type Pen = keyof typeof PENS;
/** A moment, minutes, and what each pen draws there in the unit shown. */
export type Point = { min: number } & Partial<Record<Pen, number>>;

interface PressureChartProps {
  label: string;
  height: number;
  unit: Unit;
  points: readonly Point[];
  /** What each pen draws, in words, in the order they are named. One that is left out draws nothing. */
  curves: Partial<Record<Pen, string>>;
  /** Drawn across, in the unit shown. */
  reference: number;
  /** Where the time ends at the least, minutes. */
  untilMin?: number;
  domain: React.ComponentProps<typeof YAxis>['domain'];
  figures: number;
}

/** Pressure over time. What is corrected, or stands behind a reducer, is drawn on top. */
export function PressureChart({
  label,
  height,
  unit,
  points,
  curves,
  reference,
  untilMin = 0,
  domain,
  figures,
}: PressureChartProps) {
  const words = useWords();
  const pens = Object.keys(PENS) as Pen[];
  return (
    <figure className={styles.chart} aria-label={label}>
      <figcaption>
        {Object.entries(curves).map(([pen, said]) => (
          <span key={pen} data-line={pen}>
            {said}
          </span>
        ))}
        <span>{unit.symbol}</span>
      </figcaption>
      <ResponsiveContainer width="100%" height={height}>
        <LineChart data={[...points]} {...PLOT}>
          <CartesianGrid {...GRID} />
          <XAxis
            {...AXIS}
            type="number"
            dataKey="min"
            domain={[0, Math.max(untilMin, points[points.length - 1]?.min ?? 0)]}
            tickFormatter={figuresThatCount(3)}
            label={under(words('hold.minutes'))}
          />
          <YAxis {...AXIS} domain={domain} tickFormatter={figuresThatCount(figures)} width={56} />
          <ReferenceLine y={reference} stroke="var(--fits)" strokeDasharray="5 4" />
          {pens.map(
            (pen) => curves[pen] !== undefined && <Line key={pen} dataKey={pen} {...PENS[pen]} {...CURVE} />,
          )}
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
