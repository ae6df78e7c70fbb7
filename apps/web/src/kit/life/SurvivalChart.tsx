import { type CorrectedLife, chanceFailedBy, withMedian } from '@grevik/core';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { AXIS, CURVE, GRID, PLOT, marks, under } from '../chart/chart-parts';
import { useWords } from '../../words';
import styles from './SurvivalChart.module.css';

const HEIGHT = 150;
const POINTS = 40;

interface SurvivalChartProps {
  life: CorrectedLife;
  /** Left out where nobody knows it. */
  ageYears: number | undefined;
}

/** How many of such valves still work at an age, with the band of what is not known better. */
export default function SurvivalChart({ life, ageYears }: SurvivalChartProps) {
  const words = useWords();
  const last = Math.max(2.2 * life.medianYears, 1.2 * (ageYears ?? 0));
  const [low, high] = life.medianBand;
  const working = (years: number, medianYears: number): number =>
    100 * (1 - chanceFailedBy(withMedian(life, medianYears), years));
  const points = Array.from({ length: POINTS + 1 }, (_, at) => {
    const years = (last * at) / POINTS;
    return {
      years,
      working: working(years, life.medianYears),
      band: [working(years, low), working(years, high)],
    };
  });
  return (
    <figure className={styles.survival} aria-label={words('budget.survival')}>
      <figcaption>
        {words('budget.survival')}
        {life.failed + life.working > 0 &&
          `. ${words('budget.restsOn', { failed: life.failed, working: life.working })}`}
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <ComposedChart data={points} {...PLOT}>
          <CartesianGrid {...GRID} />
          <XAxis
            {...AXIS}
            type="number"
            dataKey="years"
            domain={[0, last]}
            tickFormatter={(years: number) => years.toFixed(0)}
            label={under(words('budget.yearsUnit'))}
          />
          <YAxis {...AXIS} width={44} domain={[0, 100]} unit=" %" ticks={[0, 50, 100]} />
          <Area dataKey="band" stroke="none" fill="var(--rule)" isAnimationActive={false} activeDot={false} />
          <Line dataKey="working" stroke="var(--ink)" strokeWidth={2} {...CURVE} />
          {ageYears !== undefined && (
            <ReferenceLine x={ageYears} {...marks(words('budget.survivalAge'), 'insideTopRight')} />
          )}
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
}
