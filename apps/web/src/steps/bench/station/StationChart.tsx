import { unitShown } from '@grevik/core';
import { Button } from '@mui/material';
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
import { AXIS, CURVE, GRID, PLOT, figuresThatCount, marks } from '../../../kit/chart/chart-parts';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';
import page from '../BenchPage.module.css';
import { momentWords } from './moment-words';
import type { LogRead, LogStretch } from './station-log';

const HEIGHT = 260;
const DAY_S = 86_400;
const SPANS = [
  ['minute', 60],
  ['minutes', 1800],
  ['hours', 6 * 3600],
  ['day', DAY_S],
  ['week', 7 * DAY_S],
] as const;

interface StationChartProps {
  /** From when to when there are levels, s. */
  read: Pick<LogRead, 'fromS' | 'toS'>;
  stretch: LogStretch;
  /** When the trouble began, s; drawn across. */
  sinceS: number | undefined;
  show: (fromS: number, toS: number) => void;
}

/** Level of the well and runs of the pump, from all of it to half an hour. */
export function StationChart({ read, stretch, sinceS, show }: StationChartProps) {
  const words = useWords();
  const { system } = useFigures();
  const { factor, symbol } = unitShown(1, 'length', system);
  const [fromS = read.fromS, toS = read.toS] = [stretch.timeS[0], stretch.timeS.at(-1)];
  const top = Math.max(...stretch.levelM) / factor;
  const points = stretch.timeS.map((timeS, at) => ({
    timeS,
    level: (stretch.levelM[at] ?? 0) / factor,
    pump: stretch.pumpOn[at] ? top : 0,
  }));
  const at = (middleS: number, spanS: number): void => {
    const begin = Math.max(read.fromS, Math.min(middleS - spanS / 2, read.toS - spanS));
    show(begin, Math.min(read.toS, begin + spanS));
  };
  const middleS = (fromS + toS) / 2;
  return (
    <figure className={page.chart} aria-label={words('station.chart')}>
      <figcaption>
        {words('station.level', { unit: symbol })} · {words('station.runs')} ·{' '}
        {momentWords(fromS, read.fromS)} – {momentWords(toS, read.fromS)}
      </figcaption>
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <ComposedChart data={points} {...PLOT}>
          <CartesianGrid {...GRID} />
          <XAxis
            {...AXIS}
            type="number"
            dataKey="timeS"
            domain={['dataMin', 'dataMax']}
            tickFormatter={(timeS: number) => momentWords(timeS, read.fromS)}
          />
          <YAxis {...AXIS} width={44} domain={[0, 'auto']} tickFormatter={figuresThatCount(2)} />
          <Area
            dataKey="pump"
            type="stepAfter"
            stroke="none"
            fill="var(--water)"
            isAnimationActive={false}
            activeDot={false}
          />
          <Line dataKey="level" stroke="var(--ink)" strokeWidth={1.4} {...CURVE} />
          {sinceS !== undefined && sinceS >= fromS && sinceS <= toS && (
            <ReferenceLine x={sinceS} {...marks(words('station.since'), 'insideTopLeft')} />
          )}
        </ComposedChart>
      </ResponsiveContainer>
      <p className="no-print" role="group" aria-label={words('station.zoom')}>
        <Button size="small" onClick={() => show(read.fromS, read.toS)}>
          {words('station.whole')}
        </Button>
        {SPANS.map(([name, spanS]) => (
          <Button key={name} size="small" onClick={() => at(sinceS ?? middleS, spanS)}>
            {words(`station.spans.${name}`)}
          </Button>
        ))}
        <Button size="small" onClick={() => at(middleS - (toS - fromS) / 2, toS - fromS)}>
          {words('station.earlier')}
        </Button>
        <Button size="small" onClick={() => at(middleS + (toS - fromS) / 2, toS - fromS)}>
          {words('station.later')}
        </Button>
      </p>
    </figure>
  );
}
