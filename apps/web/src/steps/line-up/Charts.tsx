import { type Duty, benchValve, flowCurve, hammerCurve, inUnits, modelWords } from '@grevik/core';
import { memo } from 'react';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import { OpeningMark } from './AtHandle';
import styles from '../../kit/chart/Chart.module.css';
import {
  AXIS,
  CURVE,
  GRID,
  HANDLE_AXIS,
  Legend,
  PENS,
  PLOT,
  Pen,
  figuresThatCount,
  roundAbove,
  under,
} from '../../kit/chart/chart-parts';
import type { ModelColumn } from '../../kit/outlook/model-column';

const HEIGHT = 176;
interface ChartsProps {
  duty: Duty;
  columns: readonly ModelColumn[];
}

/** Under the columns: what each passes as the handle moves, and how hard a closing hammers. */
export default memo(function Charts({ duty, columns }: ChartsProps) {
  return (
    <div className={styles.charts}>
      <FlowChart duty={duty} columns={columns} />
      <HammerChart duty={duty} columns={columns} />
    </div>
  );
});

/** What each passes as the handle moves. */
export function FlowChart({ duty, columns }: ChartsProps) {
  const figures = useFigures();
  const words = useWords();
  const drawn = firstOfEachKind(columns)
    .flatMap(({ model, open }) => {
      const points = open && flowCurve(duty, model.type, open.kv);
      return points ? [{ name: modelWords(model).from, points }] : [];
    })
    .slice(0, PENS.length);
  const [first] = drawn;
  if (!first) return <p className={styles.none}>{words('charts.notForFlow')}</p>;
  const { symbol } = inUnits(duty.flowM3s ?? 0, 'flow', figures.system);
  const shownAt = (points: typeof first.points, index: number): number =>
    inUnits(points[index]?.flowM3s ?? 0, 'flow', figures.system, symbol).figure;
  const data = first.points.map(({ opening: at }, index) => ({
    at: at * 100,
    ...Object.fromEntries(drawn.map(({ name, points }) => [name, shownAt(points, index)])),
  }));
  const half = Math.floor(first.points.length / 2);
  const flows = drawn
    .map(({ name, points }) =>
      words('charts.flowOf', { model: name, flow: figures.quantity(points[half]?.flowM3s ?? 0, 'flow') }),
    )
    .join(', ');
  return (
    <figure className={styles.chart}>
      <figcaption>
        {words('charts.flow')} <span>{symbol}</span>
      </figcaption>
      <div className={styles.plot} role="img" aria-label={words('charts.flowSays', { flows })}>
        <OpeningMark className={styles.opening} />
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart data={data} {...PLOT}>
            <CartesianGrid {...GRID} />
            <XAxis {...HANDLE_AXIS} label={under(words('charts.handleAxis'))} />
            <YAxis {...AXIS} width={40} />
            {drawn.map(({ name }, index) => (
              <Line key={name} dataKey={name} {...CURVE} strokeWidth={2} {...PENS[index]} />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <Legend names={drawn.map(({ name }) => name)} />
    </figure>
  );
}

function HammerChart({ duty, columns }: ChartsProps) {
  const figures = useFigures();
  const words = useWords();
  const [first] = columns;
  const curve = first && hammerCurve(duty, first.model.type);
  if (!curve) return <p className={styles.none}>{words('charts.notForHammer')}</p>;
  const { symbol } = inUnits(duty.pressurePa ?? 0, 'pressure', figures.system);
  const shown = (pressurePa: number): number =>
    inUnits(pressurePa, 'pressure', figures.system, symbol).figure;
  const rated = benchValve(duty, first.model);
  const limitPa = duty.surgeLimitPa ?? rated.limitPa;
  const part =
    duty.surgeLimitPa === undefined ? translated(rated.weakest ?? '') : words('lineFacts.surgeLimitPa');
  const fullPa = curve.points[0]?.peakPa ?? 0;
  const reflected = curve.reflectedS.toPrecision(2);
  const said = { reflected, peak: figures.quantity(fullPa, 'pressure') };
  const model = modelWords(first.model).from;
  const limit = limitPa === undefined ? undefined : figures.quantity(limitPa, 'pressure');
  return (
    <figure className={styles.chart}>
      <figcaption>
        {words('charts.hammer')} <span>{symbol}</span>
      </figcaption>
      <div
        role="img"
        aria-label={
          limit === undefined
            ? words('charts.hammerNoLimit', said)
            : words('charts.hammerSays', { ...said, model, limit })
        }
      >
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart
            data={curve.points.map(({ timeS, peakPa }) => ({ timeS, peak: shown(peakPa) }))}
            {...PLOT}
          >
            <CartesianGrid {...GRID} />
            <XAxis
              {...AXIS}
              dataKey="timeS"
              type="number"
              domain={[0, 'dataMax']}
              tickFormatter={figuresThatCount(2)}
              label={under(words('charts.timeAxis'))}
            />
            <YAxis
              {...AXIS}
              width={46}
              domain={[0, roundAbove(Math.max(shown(fullPa), limitPa === undefined ? 0 : shown(limitPa)))]}
              tickFormatter={figuresThatCount(3)}
            />
            <ReferenceLine
              x={curve.reflectedS}
              stroke="var(--soft-ink)"
              strokeDasharray="3 3"
              label={{
                value: words('charts.reflected'),
                position: 'insideBottomLeft',
                fontSize: 12,
                fill: 'var(--soft-ink)',
              }}
            />
            {limitPa !== undefined && (
              <ReferenceLine y={shown(limitPa)} stroke="var(--out)" strokeWidth={2} strokeDasharray="8 3" />
            )}
            <Line dataKey="peak" {...CURVE} strokeWidth={2} stroke="var(--ink)" />
          </LineChart>
        </ResponsiveContainer>
      </div>
      <p className={styles.legend}>
        {limit !== undefined && (
          <span>
            <Pen stroke="var(--out)" strokeDasharray="8 3" />
            {words('charts.limit', { limit, part, model })}
          </span>
        )}
        <span>{words('charts.hammerMethod')}</span>
      </p>
    </figure>
  );
}

/** Valves of one type and port pass alike: one curve stands for them. */
function firstOfEachKind(columns: readonly ModelColumn[]): ModelColumn[] {
  const kinds = new Map<string, ModelColumn>();
  for (const column of columns) {
    const kind = `${column.model.type} ${column.model.port ?? ''}`;
    if (!kinds.has(kind)) kinds.set(kind, column);
  }
  return [...kinds.values()];
}
