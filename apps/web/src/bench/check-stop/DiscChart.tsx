import { type StoppedCheck, VALVE_TYPE_FACTS } from '@grevik/core';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, Legend, PENS, under } from '../../kit/chart/chart-parts';
import { Figure } from '../../kit/figure/Figure';
import { useWords } from '../../words';

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
  const spread = Array.from(
    { length: PENS.length - (here ? 1 : 0) },
    (_, at, all = PENS.length - (here ? 1 : 0)) =>
      others[Math.round((at / Math.max(1, all - 1)) * (others.length - 1))],
  ).filter((kind) => kind !== undefined);
  const drawn = [...new Set([...(here ? [here] : []), ...spread])];
  return (
    <Figure
      title={words('checkStop.curves')}
      unit={words('checkStop.opening')}
      file={file}
      data={() => [
        ['kind', 'time s', 'flow m/s', 'opening'],
        ...kinds.flatMap(({ checkType, series }) =>
          series.map(({ timeS, flowVelocityMs, opening }) => [checkType, timeS, flowVelocityMs, opening]),
        ),
      ]}
    >
      <div role="img" aria-label={words('checkStop.curvesSays')}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart margin={{ top: 6, right: 12, bottom: 16, left: 0 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--rule)" vertical={false} />
            <XAxis
              {...AXIS}
              dataKey="timeS"
              type="number"
              domain={[0, Math.max(...kinds.map(({ closeTimeS }) => closeTimeS)) * 1.05]}
              tickFormatter={(value: number) => String(Number(value.toPrecision(2)))}
              label={under(words('checkStop.time'))}
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
      <Legend names={drawn.map(({ checkType }) => VALVE_TYPE_FACTS[checkType].words)} />
    </Figure>
  );
}
