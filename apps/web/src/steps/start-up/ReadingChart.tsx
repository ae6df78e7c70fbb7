import { type HoldGiven, type HoldSample, correctedPressures, keepExtremes, unitShown } from '@grevik/core';
import { useMemo } from 'react';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import { MOST_POINTS, PressureChart } from './PressureChart';

const HEIGHT = 260;
/** Room above and below, as a share of the test pressure: so that the noise of a gauge does not fill the chart. */
const ROOM = 0.005;

/** Pressure over time: as the gauge read it, and with the day's warmth taken out. No spike is lost, however long it is. */
export default function ReadingChart({
  given,
  samples,
}: {
  given: HoldGiven;
  samples: readonly HoldSample[];
}) {
  const figures = useFigures();
  const words = useWords();
  const unit = unitShown(samples[0]?.pressurePa ?? 0, 'pressure', figures.system);
  const drawn = useMemo(() => {
    if (samples.length < 2) return undefined;
    const corrected = correctedPressures({ ...given, samples });
    const shown = (pa: number): number => pa / unit.factor;
    const kept = new Set([
      ...keepExtremes(
        samples.map(({ pressurePa }) => pressurePa),
        MOST_POINTS / 2,
      ),
      ...keepExtremes(corrected, MOST_POINTS / 2),
    ]);
    return [...kept]
      .sort((a, b) => a - b)
      .map((at) => ({
        min: (samples[at]?.timeS ?? 0) / 60,
        read: shown(samples[at]?.pressurePa ?? 0),
        corrected: shown(corrected[at] ?? 0),
      }));
  }, [given, samples, unit.factor]);
  if (!drawn) return null;
  const start = drawn[0]?.corrected ?? 0;
  const room = (ROOM * given.testPressurePa) / unit.factor;
  const isCorrected = samples.every(({ temperatureC }) => temperatureC !== undefined);
  return (
    <PressureChart
      label={words('hold.chart')}
      height={HEIGHT}
      unit={unit}
      points={drawn}
      curves={{
        read: words('hold.gaugeRead'),
        ...(isCorrected && {
          corrected: words('hold.corrected', {
            temperature: figures.quantity(samples[0]?.temperatureC, 'temperature'),
          }),
        }),
      }}
      reference={start}
      untilMin={given.holdS / 60}
      domain={[(least: number) => least - room, (most: number) => most + room]}
      figures={4}
    />
  );
}
