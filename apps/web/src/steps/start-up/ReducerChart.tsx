import { type ReducerSample, keepExtremes, unitShown } from '@grevik/core';
import { useMemo } from 'react';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import { MOST_POINTS, type Point, PressureChart } from './PressureChart';

const HEIGHT = 240;

interface ReducerChartProps {
  setPa: number;
  samples: readonly ReducerSample[];
}

/** Pressure ahead of a reducer and behind it over time, beside its setting. No spike is lost, however long it is. */
export default function ReducerChart({ setPa, samples }: ReducerChartProps) {
  const figures = useFigures();
  const words = useWords();
  const unit = unitShown(setPa, 'pressure', figures.system);
  const drawn = useMemo(() => {
    const behind = samples.map(({ outletPa }) => outletPa);
    return keepExtremes(behind, MOST_POINTS).flatMap((at): Point[] => {
      const sample = samples[at];
      if (!sample) return [];
      const { timeS, outletPa, inletPa } = sample;
      const ahead = inletPa === undefined ? {} : { read: inletPa / unit.factor };
      return [{ min: timeS / 60, corrected: outletPa / unit.factor, ...ahead }];
    });
  }, [samples, unit.factor]);
  if (drawn.length < 2) return null;
  const hasInlet = drawn.some(({ read }) => read !== undefined);
  return (
    <PressureChart
      label={words('reducer.chart')}
      height={HEIGHT}
      unit={unit}
      points={drawn}
      curves={{
        corrected: words('reducer.behind'),
        ...(hasInlet && { read: words('reducer.ahead') }),
      }}
      reference={setPa / unit.factor}
      domain={[0, 'auto']}
      figures={3}
    />
  );
}
