import { type WhatIsWrongQuestion, unitShown } from '@grevik/core';
import { Area, Brush, CartesianGrid, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { AXIS, CURVE, GRID, PLOT, figuresThatCount, under } from '../../../kit/chart/chart-parts';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';
import styles from '../Drills.module.css';

const HEIGHT = 280;
const TICK_H = 6;

/** Level of a well and runs of its pump, hour by hour. */
export default function LevelLog({ samples, wellAreaM2, pumpFlowM3s }: WhatIsWrongQuestion) {
  const words = useWords();
  const figures = useFigures();
  const { factor, symbol } = unitShown(1, 'length', figures.system);
  const top = Math.max(...samples.map(({ levelM }) => levelM)) / factor;
  const points = samples.map(({ timeS, levelM, pumpOn }) => ({
    hour: timeS / 3600,
    level: levelM / factor,
    pump: pumpOn ? top : 0,
  }));
  const lastH = points.at(-1)?.hour ?? 0;
  const ticks = Array.from({ length: Math.floor(lastH / TICK_H) + 1 }, (_, at) => at * TICK_H);
  return (
    <>
      <p>{words('drills.well', { area: wellAreaM2, flow: figures.quantity(pumpFlowM3s, 'flow') })}</p>
      <figure className={styles.chart} aria-label={words('drills.station')}>
        <figcaption>
          {words('drills.station')}, {symbol}
        </figcaption>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <ComposedChart data={points} {...PLOT}>
            <CartesianGrid {...GRID} vertical />
            <XAxis
              {...AXIS}
              type="number"
              dataKey="hour"
              domain={[0, 'dataMax']}
              ticks={ticks}
              label={under(words('drills.hours'))}
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
            <Line dataKey="level" stroke="var(--ink)" strokeWidth={1.2} {...CURVE} />
            <Brush
              dataKey="hour"
              height={28}
              stroke="var(--soft-ink)"
              travellerWidth={14}
              tickFormatter={hourWords}
            />
          </ComposedChart>
        </ResponsiveContainer>
      </figure>
      <p className={styles.soft}>{words('drills.zoom')}</p>
      <p>{words('drills.starts', { counts: startsOf(samples).join(', ') })}</p>
    </>
  );
}

const hourWords = (hour: number): string => hour.toFixed(1);

/** How often the pump started, in every six hours. */
function startsOf(samples: WhatIsWrongQuestion['samples']): number[] {
  const counts: number[] = [];
  samples.forEach(({ timeS, pumpOn }, at) => {
    const stretch = Math.floor(timeS / (TICK_H * 3600));
    counts[stretch] ??= 0;
    if (pumpOn && samples[at - 1]?.pumpOn === false) counts[stretch] += 1;
  });
  return counts;
}
