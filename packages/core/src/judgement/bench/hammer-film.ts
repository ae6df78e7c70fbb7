import { GRAVITY_MS2 } from '../../ground/media/index.js';
import {
  type HandlePoint,
  type Surge,
  effectiveOpening,
  handClosing,
  reachesFor,
  surge,
} from '../../physics/surge/index.js';
import { type HammerCase, hammerInput } from './hammer-case.js';

/** A closing with the pressure along the pipe as it goes on. */
export interface HammerFilm
  extends Required<Pick<Surge, 'series' | 'envelope'>>, Omit<Surge, 'series' | 'envelope'> {
  /** When each picture was taken, s. */
  takenS: number[];
  /** Pa gauge at each node from the source, one picture after another. */
  alongPa: Float32Array;
  nodes: number;
}

const PICTURES = 240;
const REACHES = 50;
/** Points of the pressure at the valve, thinned so that no peak is lost. */
const POINTS = 1200;

/**
 * Films a closing: by the case's law and time, or as somebody's hand made it.
 *
 * @param of   the case
 * @param hand where the handle was, in place of the law
 * @throws InvalidInput where friction alone takes more than the pressure
 *
 * @example
 * hammerFilm(valuesOf(hammerCase(duty, valve))).takenS.length // at most 241
 */
export function hammerFilm(of: HammerCase, hand?: readonly HandlePoint[]): HammerFilm {
  const lastS = hand?.at(-1)?.timeS;
  const input = hammerInput(lastS === undefined ? of : { ...of, closingS: Math.max(lastS, 1e-3) });
  const { lengthM, waveSpeedMs, densityKgM3 = 1 } = input;
  const reaches = reachesFor(input, REACHES);
  const stepS = lengthM / reaches / waveSpeedMs;
  const every = Math.max(1, Math.ceil(input.durationS / stepS / PICTURES));
  const takenS: number[] = [];
  const pictures: Float32Array[] = [];
  const weight = densityKgM3 * GRAVITY_MS2;
  // An even handle half way is half way through the law.
  const effective = (opening: number): number =>
    effectiveOpening({ law: of.law, timeS: 1, startS: 0 }, 1 - opening);
  const {
    series = [],
    envelope = [],
    ...said
  } = surge(
    { ...input, reaches },
    {
      ...(hand && { closing: handClosing(hand, effective) }),
      watch: (step, headM) => {
        if (step % every !== 0) return;
        takenS.push(step * stepS);
        pictures.push(Float32Array.from(headM, (head) => head * weight));
      },
    },
  );
  const alongPa = new Float32Array(pictures.length * (reaches + 1));
  pictures.forEach((picture, at) => alongPa.set(picture, at * (reaches + 1)));
  return { ...said, series: thinned(series), envelope, takenS, alongPa, nodes: reaches + 1 };
}

/** Of each stretch its highest and its lowest point, in their order. */
function thinned(series: HammerFilm['series']): HammerFilm['series'] {
  if (series.length <= POINTS) return series;
  const each = Math.ceil((2 * series.length) / POINTS);
  const kept: HammerFilm['series'] = [];
  for (let from = 0; from < series.length; from += each) {
    const stretch = series.slice(from, from + each);
    const high = stretch.reduce((best, point) => (point.pressurePa > best.pressurePa ? point : best));
    const low = stretch.reduce((best, point) => (point.pressurePa < best.pressurePa ? point : best));
    kept.push(...(high === low ? [high] : high.timeS < low.timeS ? [high, low] : [low, high]));
  }
  return kept;
}
