import { type Duty, hammerCurve, inUnits, modelWords, ratingCurve } from '@grevik/core';
import { CartesianGrid, Line, LineChart, ReferenceDot, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import styles from '../../../kit/chart/Chart.module.css';
import { AXIS, CURVE, GRID, Legend, PENS, roundAbove, under } from '../../../kit/chart/chart-parts';
import { useFigures } from '../../../kit/useFigures';
import { FlowChart } from '../Charts';
import type { ModelColumn } from '../../../kit/outlook/model-column';
import { useWords } from '../../../words';

const HEIGHT = 230;

interface ChartsProps {
  duty: Duty;
  columns: readonly ModelColumn[];
}

/** What each carries by temperature with the duty and its hammer as points, and what each passes by its handle. */
export default function CompareCharts({ duty, columns }: ChartsProps) {
  return (
    <div className={styles.charts}>
      <RatingChart duty={duty} columns={columns} />
      <FlowChart duty={duty} columns={columns} />
    </div>
  );
}

function RatingChart({ duty, columns }: ChartsProps) {
  const figures = useFigures();
  const words = useWords();
  const drawn = columns
    .map(({ model, size }) => ({ name: modelWords(model).from, points: ratingCurve(duty, model, size) }))
    .filter(({ points }) => points.length > 1)
    .slice(0, PENS.length);
  const { pressurePa, temperatureC } = duty;
  if (drawn.length === 0) return <p className={styles.none}>{words('compare.noRating')}</p>;
  if (pressurePa === undefined || temperatureC === undefined)
    return <p className={styles.none}>{words('compare.noDuty')}</p>;
  const { symbol } = inUnits(pressurePa, 'pressure', figures.system);
  const shown = (pa: number): number => inUnits(pa, 'pressure', figures.system, symbol).figure;
  const warm = inUnits(temperatureC, 'temperature', figures.system);
  const degrees = (at: number): number => inUnits(at, 'temperature', figures.system, warm.symbol).figure;
  const longest = drawn.reduce((most, { points }) => Math.max(most, points.length), 0);
  const data = Array.from({ length: longest }, (_, at) => ({
    at: degrees(at * 5),
    ...Object.fromEntries(
      drawn.flatMap(({ name, points }) => {
        const point = points[at];
        return point ? [[name, shown(point.allowablePa)]] : [];
      }),
    ),
  }));
  const [firstColumn] = columns;
  const hammerPa = firstColumn && hammerCurve(duty, firstColumn.model.type)?.points[0]?.peakPa;
  const most = Math.max(
    shown(hammerPa ?? pressurePa),
    ...drawn.map(({ points }) => shown(points[0]?.allowablePa ?? 0)),
  );
  const said = words('compare.ratingSays', {
    pressure: figures.quantity(pressurePa, 'pressure'),
    temperature: figures.quantity(temperatureC, 'temperature'),
    carries: columns
      .filter(({ rating }) => rating)
      .map(
        ({ model, rating }) =>
          `${modelWords(model).from} ${figures.quantity(rating?.allowablePa ?? 0, 'pressure')}`,
      )
      .join(', '),
  });
  return (
    <figure className={styles.chart}>
      <figcaption>
        {words('compare.rating')} <span>{symbol}</span>
      </figcaption>
      <div role="img" aria-label={said}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart
            data={data}
            margin={{ top: 6, right: 16, bottom: 16, left: 0 }}
            accessibilityLayer={false}
          >
            <CartesianGrid {...GRID} />
            <XAxis
              {...AXIS}
              dataKey="at"
              type="number"
              domain={['dataMin', 'dataMax']}
              label={under(warm.symbol)}
              tickFormatter={(at: number) => String(Math.round(at))}
            />
            <YAxis {...AXIS} width={46} domain={[0, roundAbove(most)]} />
            {drawn.map(({ name }, index) => (
              <Line key={name} dataKey={name} {...CURVE} strokeWidth={2} {...PENS[index]} />
            ))}
            <ReferenceDot
              x={warm.figure}
              y={shown(pressurePa)}
              r={5}
              fill="var(--brass-fill)"
              stroke="var(--ink)"
              label={{ value: words('compare.duty'), position: 'right', fontSize: 12, fill: 'var(--ink)' }}
            />
            {hammerPa !== undefined && (
              <ReferenceDot
                x={warm.figure}
                y={shown(hammerPa)}
                r={5}
                fill="var(--out)"
                stroke="var(--ink)"
                label={{
                  value: words('compare.hammer'),
                  position: 'right',
                  fontSize: 12,
                  fill: 'var(--ink)',
                }}
              />
            )}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <Legend names={drawn.map(({ name }) => name)} />
    </figure>
  );
}
