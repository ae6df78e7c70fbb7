import { type UnitSystem, correctedPressures, samplesOfColumns, unitShown } from '@grevik/core';
import type { PrintedReading } from './start-up-file.js';

const WIDTH = 515;
const HEIGHT = 150;
const LEFT = 44;
const FOOT = 16;
/** Room above and below, as a share of what is shown. */
const ROOM = 0.1;
const LEAST_RANGE = 0.005;

interface Curve {
  isDashed: boolean;
  pressuresPa: readonly number[];
}

/** A reading as a drawing: pressure over time, and of a hold with the temperature taken out. */
export function readingSvg(reading: PrintedReading, system: UnitSystem): string {
  const { timeS } = reading.drawn;
  const curves = curvesOf(reading);
  const all = curves.flatMap(({ pressuresPa }) => pressuresPa);
  const [lowest, highest] = [Math.min(...all), Math.max(...all)];
  const range = Math.max(highest - lowest, LEAST_RANGE * Math.abs(highest), 1);
  const [from, to] = [lowest - ROOM * range, lowest + (1 + ROOM) * range];
  const endS = timeS[timeS.length - 1] ?? 0;
  const beginS = timeS[0] ?? 0;
  const x = (s: number): number => LEFT + ((s - beginS) / Math.max(1, endS - beginS)) * (WIDTH - LEFT - 6);
  const y = (pa: number): number => (HEIGHT - FOOT) * (1 - (pa - from) / (to - from)) + 4;
  const { factor, symbol } = unitShown(highest, 'pressure', system);
  const figure = (pa: number): string => String(Number((pa / factor).toPrecision(4)));
  const paths = curves.map(
    ({ isDashed, pressuresPa }) =>
      `<polyline fill="none" stroke="#1d2b45" stroke-width="0.8"${isDashed ? ' stroke-dasharray="4 2"' : ''} points="${pressuresPa
        .map((pa, at) => `${x(timeS[at] ?? 0).toFixed(1)},${y(pa).toFixed(1)}`)
        .join(' ')}"/>`,
  );
  const label = (text: string, atX: number, atY: number, anchor = 'start'): string =>
    `<text x="${atX}" y="${atY}" font-size="8" text-anchor="${anchor}">${text}</text>`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}" viewBox="0 0 ${WIDTH} ${HEIGHT}">`,
    `<path d="M${LEFT} 4V${HEIGHT - FOOT + 4}H${WIDTH - 6}" fill="none" stroke="#555" stroke-width="0.6"/>`,
    ...[lowest, highest].map((pa) => label(`${figure(pa)} ${symbol}`, 0, y(pa) + 3)),
    label(`${Math.round(beginS / 60)} min`, LEFT, HEIGHT - 2),
    label(`${Math.round(endS / 60)} min`, WIDTH - 6, HEIGHT - 2, 'end'),
    ...paths,
    '</svg>',
  ].join('');
}

/** Whether the temperature of all of it is known, and taken out. */
export const isCorrected = ({ step, drawn }: PrintedReading): boolean =>
  step === 'hold' && drawn.temperatureC.every((celsius) => celsius !== null);

function curvesOf(reading: PrintedReading): Curve[] {
  const { step, given, drawn } = reading;
  const read: Curve = { isDashed: false, pressuresPa: drawn.pressurePa };
  if (step !== 'hold' || !isCorrected(reading)) return [read];
  const corrected = correctedPressures({ ...given, samples: samplesOfColumns(drawn) });
  return [read, { isDashed: true, pressuresPa: corrected }];
}
