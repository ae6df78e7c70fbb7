import { type StoppedCheck, VALVE_TYPE_FACTS } from '@grevik/core';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, GRID, Legend, PENS, PLOT, figuresThatCount, under } from '../../../kit/chart/chart-parts';
import { Figure } from '../../../kit/figure/Figure';
import { translated, useWords } from '../../../words';

const HEIGHT = 190;

interface DiscChartProps {
  kinds: readonly StoppedCheck[];
  here: StoppedCheck | undefined;
  nowS: number;
  file: string;
}

/** How each disc follows the flow and falls: as many kinds as there are pens, the one that is there among them. */
export function DiscChart({ kinds, here, nowS, file }: DiscChartProps) {
  const words = useWords();
  const others = kinds.filter((kind) => kind !== here);
  const pens = PENS.length - (here ? 1 : 0);
  const spread = Array.from(
    { length: pens },
    (_, at) => others[Math.round((at / (pens - 1)) * (others.length - 1))],
  );
  const drawn = [...new Set([here, ...spread])].filter((kind) => kind !== undefined);
  return (
    <Figure
      title={words('checkClosure.curves')}
      unit={words('checkClosure.opening')}
      file={file}
      data={() => [
        ['kind', 'time s', 'flow m/s', 'opening'],
        ...kinds.flatMap(({ checkType, series }) =>
          series.map(({ timeS, flowVelocityMs, opening }) => [checkType, timeS, flowVelocityMs, opening]),
        ),
      ]}
    >
      <div role="img" aria-label={words('checkClosure.curvesSays')}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart {...PLOT}>
            <CartesianGrid {...GRID} />
            <XAxis
              {...AXIS}
              dataKey="timeS"
              type="number"
              domain={[0, Math.max(...kinds.map(({ closeTimeS }) => closeTimeS)) * 1.05]}
              tickFormatter={figuresThatCount(2)}
              label={under(words('checkClosure.time'))}
            />
            <YAxis {...AXIS} dataKey="opening" width={40} domain={[0, 100]} />
            <ReferenceLine x={nowS} stroke="var(--brass-fill)" strokeWidth={2} />
            {drawn.map(({ checkType, series }, at) => (
              <Line
                key={checkType}
                data={series.map(({ timeS, opening }) => ({ timeS, opening: opening * 100 }))}
                dataKey="opening"
                dot={false}
                activeDot={false}
                strokeWidth={2}
                isAnimationActive={false}
                {...PENS[at]}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <Legend names={drawn.map(({ checkType }) => translated(VALVE_TYPE_FACTS[checkType].words))} />
    </Figure>
  );
}
