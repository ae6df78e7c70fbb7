import { modelWords, runningCosts, wholeAmounts } from '@grevik/core';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import chart from '../../../kit/chart/Chart.module.css';
import { AXIS, CURVE, GRID, Legend, PENS, PLOT, under } from '../../../kit/chart/chart-parts';
import { useWords } from '../../../words';
import type { CandidateOverYears } from './useCandidateCosts';

const HEIGHT = 240;

interface LifeChartProps {
  all: readonly CandidateOverYears[];
  discountRate: number;
  currency: string;
}

/** Present cost of each candidate as the years go by. */
export default function LifeChart({ all, discountRate, currency }: LifeChartProps) {
  const words = useWords();
  const say = wholeAmounts(currency);
  const drawn = all
    .slice(0, PENS.length)
    .map(({ model, over }) => ({ name: modelWords(model).from, costs: runningCosts(over, discountRate) }));
  const points = (drawn[0]?.costs ?? []).map((_, year) => ({
    year,
    ...Object.fromEntries(drawn.map(({ name, costs }) => [name, costs[year]])),
  }));
  return (
    <figure className={chart.chart} aria-label={words('life.chart')}>
      <figcaption>
        {words('life.chart')} <span>{currency}</span>
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <LineChart data={points} {...PLOT}>
          <CartesianGrid {...GRID} />
          <XAxis
            {...AXIS}
            type="number"
            dataKey="year"
            domain={[0, 'dataMax']}
            label={under(words('life.axis'))}
          />
          <YAxis {...AXIS} width={64} domain={['auto', 'auto']} tickFormatter={say} />
          {drawn.map(({ name }, at) => (
            <Line key={name} dataKey={name} {...CURVE} strokeWidth={2} {...PENS[at]} />
          ))}
        </LineChart>
      </ResponsiveContainer>
      <Legend names={drawn.map(({ name }) => name)} />
    </figure>
  );
}
