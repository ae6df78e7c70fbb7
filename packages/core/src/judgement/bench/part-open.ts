import { pipeVelocityMs } from '../../physics/loss/index.js';
import { liquidDensityKgM3 } from '../selection/index.js';
import { throttle } from '../../physics/throttle/index.js';
import { type ControlCase, controlInput } from './control-case.js';

/** What goes on inside a valve that is left part way. */
export interface PartOpen {
  opening: number;
  flowM3s: number;
  /** Of the jet through what is left open. */
  jetMs: number;
  dropPa: number;
  state: 'quiet' | 'incipient' | 'choked';
}

/** A jet this much faster than the stream in the pipe shakes what hangs in it. Our own generic figure. */
const SHAKES_FROM = 3;
/** Wear of grit rises with the jet's speed to this power. Source: erosion of ductile metals by particles, exponents of 2 to 3 are usual. */
const WEAR_POWER = 2.5;
/** Of the bore: a wedge is about so thick, and eddies leave it at St v / t. */
const WEDGE_OF_BORE = 0.25;
const STROUHAL = 0.2;

function partOpen(of: ControlCase, opening: number): PartOpen {
  const input = { ...controlInput(of), openings: [opening] };
  const [point] = throttle(input).points;
  const dropPa = opening === 0 ? 0 : (point?.valveDropPa ?? 0);
  return {
    opening,
    flowM3s: point?.flowM3s ?? 0,
    jetMs: opening === 0 ? 0 : Math.sqrt((2 * dropPa) / liquidDensityKgM3(of)),
    dropPa,
    state: point?.state ?? 'quiet',
  };
}

export interface PartOpenGate extends PartOpen {
  /** Sideways on the wedge, which hangs loose until it is nearly seated, N. */
  forceN: number;
  /** Eddies from its edge, a second. */
  shedHz: number;
  /** Jet above which it shakes, m/s. */
  shakesAboveMs: number;
  shakes: boolean;
}

/**
 * A gate left part way: the jet under its wedge, what pushes the wedge about, and whether it shakes.
 *
 * @param of        the line
 * @param diameterM bore of the gate, m
 * @param opening   0 shut to 1 open
 * Source: jet by the drop, v = sqrt(2 dp / rho); force dp on the part of the disc in the stream; eddies St v / t with St 0.2.
 *
 * @example
 * partOpenGate(of, 0.05, 0.1).shakes // true
 */
export function partOpenGate(of: ControlCase, diameterM: number, opening: number): PartOpenGate {
  const inside = partOpen(of, opening);
  const area = (Math.PI / 4) * diameterM ** 2;
  const shakesAboveMs = SHAKES_FROM * pipeVelocityMs(partOpen(of, 1).flowM3s, diameterM);
  return {
    ...inside,
    forceN: inside.dropPa * area * (1 - opening),
    shedHz: (STROUHAL * inside.jetMs) / (WEDGE_OF_BORE * diameterM),
    shakesAboveMs,
    shakes: opening > 0 && opening < 1 && inside.jetMs > shakesAboveMs,
  };
}

export interface DirtyBall extends PartOpen {
  /** Grit wears the lip of the seat so many times as fast as fully open; 0 where nothing passes. */
  wearTimes: number;
  /** Share of the cavity round the ball that stands open to the stream: where scale and grit settle. */
  cavityOpen: number;
}

/**
 * A ball in dirty water: how fast grit wears the seats part way, and when its cavity stands open.
 *
 * @param of      the line
 * @param opening 0 shut to 1 open
 * Source: wear with the jet's speed to the power of 2.5; the cavity opens as the ball leaves either end, most at half way.
 *
 * @example
 * dirtyBall(of, 1).wearTimes // 1
 */
export function dirtyBall(of: ControlCase, opening: number): DirtyBall {
  const inside = partOpen(of, opening);
  const open = partOpen(of, 1);
  const perPassed = open.jetMs === 0 ? 0 : (inside.jetMs / open.jetMs) ** WEAR_POWER;
  return {
    ...inside,
    wearTimes: open.flowM3s === 0 ? 0 : perPassed * (inside.flowM3s / open.flowM3s),
    cavityOpen: Math.sin(Math.PI * opening),
  };
}
