import { type HammerCase, type HammerFilm, inUnits } from '@grevik/core';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, CURVE, GRID, PLOT, figuresThatCount, roundAbove, under } from '../../../kit/chart/chart-parts';
import { Figure } from '../../../kit/figure/Figure';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';

const HEIGHT = 190;

/** Pressure at the valve against time, with the limit. */
export function PressureChart({ of, film, file }: { of: HammerCase; film: HammerFilm; file: string }) {
  const figures = useFigures();
  const words = useWords();
  const { symbol } = inUnits(of.limitPa, 'pressure', figures.system);
  const shown = (pa: number): number => inUnits(pa, 'pressure', figures.system, symbol).figure;
  const when = film.series.find(({ pressurePa }) => pressurePa === film.peakPa)?.timeS ?? 0;
  const lowest = Math.min(0, shown(film.troughPa));
  return (
    <Figure
      title={words('hammer.atValve')}
      unit={symbol}
      file={file}
      data={() => [
        ['time s', 'pressure Pa', 'flow m3/s'],
        ...film.series.map(({ timeS, pressurePa, flowM3s }) => [timeS, pressurePa, flowM3s]),
      ]}
    >
      <div
        role="img"
        aria-label={words('hammer.atValveSays', {
          steady: figures.quantity(film.steadyPa, 'pressure'),
          peak: figures.quantity(film.peakPa, 'pressure'),
          when: `${when.toPrecision(2)} s`,
        })}
      >
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart
            data={film.series.map(({ timeS, pressurePa }) => ({ timeS, pressure: shown(pressurePa) }))}
            {...PLOT}
          >
            <CartesianGrid {...GRID} />
            <XAxis
              {...AXIS}
              dataKey="timeS"
              type="number"
              domain={[0, 'dataMax']}
              tickFormatter={figuresThatCount(2)}
              label={under(words('hammer.time'))}
            />
            <YAxis
              {...AXIS}
              width={46}
              domain={[lowest, roundAbove(Math.max(shown(film.peakPa), shown(of.limitPa)))]}
              tickFormatter={figuresThatCount(3)}
            />
            <ReferenceLine
              y={shown(of.limitPa)}
              stroke="var(--out)"
              strokeDasharray="8 3"
              strokeWidth={1.6}
            />
            <Line dataKey="pressure" {...CURVE} strokeWidth={1.8} stroke="var(--ink)" type="linear" />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </Figure>
  );
}
