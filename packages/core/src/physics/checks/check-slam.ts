import { GRAVITY_MS2 } from '../../ground/media/index.js';
import { type CheckType, leastVelocityMs } from './least-velocity.js';

export interface CheckSlamInput {
  checkType: CheckType;
  dn: number;
  flowVelocityMs: number;
  decelerationMs2: number;
  orientation: 'horizontal' | 'vertical-up';
  waveSpeedMs: number;
  densityKgM3?: number | undefined;
  /** Of the usual spring's force. */
  springs?: number | undefined;
  discMassKg?: number | undefined;
}

export interface CheckSlam {
  reverseVelocityMs: number;
  slamPa: number;
  closeTimeS: number;
  grade: 'soft' | 'audible' | 'slam';
  series: { timeS: number; flowVelocityMs: number; opening: number }[];
}

interface Disc {
  /** From open to shut, of the nominal size. */
  travel: number;
  /** Share of its weight that closes it. */
  level: number;
  rising: number;
  /** Force of its spring at the usual mass, in weights of the disc. */
  spring: number;
}

/**
 * How each kind closes: our own generic figures, chosen so that a longer travel and less closing force are worse, as check valve tests show.
 * The usual mass of a disc grows with the size to the power of 2.5, from 1.5 kg at DN100.
 */
const DISCS: Readonly<Record<CheckType, Disc>> = {
  'check-swing': { travel: 0.9, level: 0.35, rising: 0.8, spring: 0 },
  'check-swing-spring': { travel: 0.7, level: 0.35, rising: 0.8, spring: 1.6 },
  'check-swing-weighted': { travel: 0.9, level: 0.9, rising: 1.1, spring: 0 },
  'check-spring-inline': { travel: 0.25, level: 0, rising: 0.9, spring: 3 },
  'check-lift-horizontal': { travel: 0.3, level: 0.8, rising: 0.8, spring: 0 },
  'check-lift-vertical': { travel: 0.3, level: 0.8, rising: 0.9, spring: 0 },
  'check-ball': { travel: 0.8, level: 0.6, rising: 0.8, spring: 0 },
  'check-dual-plate': { travel: 0.4, level: 0, rising: 0.5, spring: 1.8 },
  'check-tilting': { travel: 0.35, level: 0.5, rising: 0.8, spring: 0 },
};
const WATER_KG_M3 = 998.2;
/** A slam below it is not heard. */
export const SOFT_SLAM_UNDER_PA = 1e5;
const AUDIBLE_TO_PA = 3e5;
const SHOWN = 50;

/**
 * What a check does when the flow stops: the reverse velocity at which it seats, and the slam of the column that stops there.
 *
 * @param given kind, DN, flow m/s and how fast it falls m/s2, direction, wave speed m/s; spring as a multiple of the usual and disc mass kg where known
 * @returns m/s, Pa, s from the beginning of the fall, and the way of the disc
 * Model: v(t) = v0 - d t. By its own closing force the disc would travel in T = sqrt(2 s / g(w + F/m)). Slowly falling flow takes it along; it lags by
 * x = 1 - exp(-d T / v_open) of its opening when the flow stands still, and falls the rest in T sqrt(x), meanwhile the column comes back: v_r = d T sqrt(x),
 * never more than d T. Slam = rho a v_r. Generic figures; a maker's test wins.
 *
 * @example
 * checkSlam({ checkType: 'check-swing', dn: 150, flowVelocityMs: 2.5, decelerationMs2: 4, orientation: 'horizontal', waveSpeedMs: 1100 }).grade // 'slam'
 */
export function checkSlam(given: CheckSlamInput): CheckSlam {
  const { checkType, dn, flowVelocityMs, decelerationMs2, orientation, waveSpeedMs } = given;
  const densityKgM3 = given.densityKgM3 ?? WATER_KG_M3;
  const disc = DISCS[checkType];
  const usualKg = 1.5 * (dn / 100) ** 2.5;
  const weight = orientation === 'horizontal' ? disc.level : disc.rising;
  const spring = (disc.spring * (given.springs ?? 1) * usualKg) / (given.discMassKg ?? usualKg);
  // Without a spring, and level, water and hinge still bring an axial disc home, late.
  const closingMs2 = GRAVITY_MS2 * Math.max(weight + spring, LEAST_CLOSING);
  const travelS = Math.sqrt((2 * disc.travel * dn) / 1000 / closingMs2);
  const holdsMs = leastVelocityMs(checkType, densityKgM3);
  const opened = Math.min(1, flowVelocityMs / holdsMs);
  const left = opened * (1 - Math.exp((-decelerationMs2 * travelS) / holdsMs));
  const standsS = flowVelocityMs / decelerationMs2;
  const fallsS = travelS * Math.sqrt(left);
  const reverseVelocityMs = decelerationMs2 * fallsS;
  const slamPa = densityKgM3 * waveSpeedMs * reverseVelocityMs;
  return {
    reverseVelocityMs,
    slamPa,
    closeTimeS: standsS + fallsS,
    grade: slamPa < SOFT_SLAM_UNDER_PA ? 'soft' : slamPa <= AUDIBLE_TO_PA ? 'audible' : 'slam',
    series: wayOf({ flowVelocityMs, decelerationMs2, holdsMs, opened, left, standsS, fallsS }),
  };
}

const LEAST_CLOSING = 0.05;

interface Falling {
  flowVelocityMs: number;
  decelerationMs2: number;
  holdsMs: number;
  /** Opening before the fall, and when the flow stands still. */
  opened: number;
  left: number;
  standsS: number;
  fallsS: number;
}

/** The way of the disc: taken along while the flow falls, then falling by itself. */
function wayOf({
  flowVelocityMs,
  decelerationMs2,
  holdsMs,
  opened,
  left,
  standsS,
  fallsS,
}: Falling): CheckSlam['series'] {
  const at = (timeS: number, opening: number) => ({
    timeS,
    flowVelocityMs: flowVelocityMs - decelerationMs2 * timeS,
    opening,
  });
  const along = Array.from({ length: SHOWN }, (_, step) => {
    const timeS = (standsS * step) / SHOWN;
    const carried =
      opened === 0 ? 0 : Math.min(1, (flowVelocityMs - decelerationMs2 * timeS) / (holdsMs * opened));
    return at(timeS, left + (opened - left) * carried);
  });
  const alone = Array.from({ length: SHOWN }, (_, step) =>
    at(standsS + (fallsS * step) / SHOWN, left * (1 - (step / SHOWN) ** 2)),
  );
  return [...along, ...alone, at(standsS + fallsS, 0)];
}
