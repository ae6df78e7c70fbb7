import { type Budget, type BudgetPoint, wholeAmounts } from '@grevik/core';
import {
  Bar,
  CartesianGrid,
  ComposedChart,
  Line,
  LineChart,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { AXIS, CURVE, GRID, PLOT, under } from '../../kit/chart/chart-parts';
import { useWords } from '../../words';
import styles from './Budget.module.css';

const HEIGHT = 190;

interface BudgetChartsProps {
  budget: Budget;
  /** Left out until it is worked out. */
  curve: BudgetPoint[] | undefined;
  currency: string;
}

/** Each year’s money against what fails, and what the whole costs with other money. */
export default function BudgetCharts({ budget, curve, currency }: BudgetChartsProps) {
  const words = useWords();
  const say = wholeAmounts(currency);
  const years = budget.byYear.map(({ year, ...of }) => ({ ...of, year: words('budget.year', { year }) }));
  return (
    <div className={styles.charts}>
      <figure aria-label={words('budget.yearsChart')}>
        <figcaption>
          <span data-mark="spend">{words('budget.spend')}</span>
          <span data-mark="fails">{words('budget.fails')}</span>
          <span data-mark="money">{words('budget.moneyLine')}</span>
        </figcaption>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <ComposedChart data={years} {...PLOT}>
            <CartesianGrid {...GRID} />
            <XAxis {...AXIS} dataKey="year" />
            <YAxis {...AXIS} width={64} tickFormatter={say} />
            <Bar dataKey="spend" stackId="a" fill="var(--ink)" isAnimationActive={false} />
            <Bar dataKey="expectedCost" stackId="a" fill="var(--care)" isAnimationActive={false} />
            <Line dataKey="money" stroke="var(--out)" strokeDasharray="5 3" {...CURVE} />
          </ComposedChart>
        </ResponsiveContainer>
      </figure>
      <figure aria-label={words('budget.curveChart')}>
        <figcaption>{words('budget.curve', { count: years.length })}</figcaption>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart data={curve ?? []} {...PLOT}>
            <CartesianGrid {...GRID} />
            <XAxis
              {...AXIS}
              type="number"
              dataKey="money"
              domain={[0, 'dataMax']}
              tickFormatter={say}
              label={under(words('budget.moneyAYear'))}
            />
            <YAxis {...AXIS} width={64} domain={[0, 'auto']} tickFormatter={say} />
            <Line dataKey="presentCost" stroke="var(--ink)" strokeWidth={2} {...CURVE} dot />
          </LineChart>
        </ResponsiveContainer>
      </figure>
    </div>
  );
}
