import { isFuelGas, isLiquid, isSteam, MEDIUM_FACTS } from '../../ground/media/index.js';
import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { Duty } from '../duty/index.js';
import type { JoinedSide } from './connection.js';
import type { JointId } from './joint-ids.js';
import { gland, inGround, lead } from './joint-parts.js';
import type { Part } from './part.js';

/** What shuts the line while a valve is changed. */
export const LINE_STOPS = {
  holds: 'a valve upstream holds',
  weeps: 'a valve upstream leaks by',
  none: 'nothing upstream holds',
} as const;
export type LineStop = keyof typeof LINE_STOPS;
export const LINE_STOP_IDS = Object.keys(LINE_STOPS) as LineStop[];

/** What was found and measured before a valve is changed. */
export interface ChangeFacts {
  /** What shuts the line. */
  stop?: LineStop | undefined;
  /** End to end of the valve that stands there, m. */
  oldLengthM?: number | undefined;
  /** End to end of the one that goes in, m. */
  newLengthM?: number | undefined;
}

export interface ChangeOfValve {
  /** To bring for the change itself, beside what joins the new valve. */
  parts: Part[];
  /** What to do about it, in order. */
  steps: string[];
  /** How much longer the new valve is than the old one, m; negative where it is shorter, left out where either is not measured. */
  takeUpM?: number;
}

const FROZEN_PIPES: readonly PipeMaterial[] = ['copper', 'steel', 'galvanised', 'stainless'];
/** Source: usual range of freezing jackets carried by a plumbing contractor. */
const FROZEN_TO_DN = 50;
const HOT_C = 40;

/** Whether a contractor freezes such a pipe: small metal pipe full of still water. */
const isFreezable = (duty: Duty, material: PipeMaterial): boolean =>
  MEDIUM_FACTS[duty.medium].family === 'water' &&
  duty.medium !== 'wash-water-high-pressure' &&
  FROZEN_PIPES.includes(material) &&
  duty.dn <= FROZEN_TO_DN;

/**
 * What changing a valve that is already in the pipe takes: how the line is shut, what is cut out, and what closes the gap.
 *
 * @param duty  of the position, its medium, size and temperature
 * @param sides joined; the downstream one closes the gap
 * @param facts what shuts the line, and both lengths, as far as they are known
 * @returns parts beside those of the joints; steps in their order
 * Source: usual practice of the trade; local code, the utility and the licence decide who does it.
 *
 * @example
 * changeOfValve({ ...duty, dn: 20 }, sides, { stop: 'none' }).parts.map(({ id }) => id) // ['freeze-kit', 'drain-hose', 'cutter', 'slip-coupling', 'pipe-piece'] on copper
 */
export function changeOfValve(duty: Duty, sides: readonly JoinedSide[], facts: ChangeFacts): ChangeOfValve {
  const side = sides.find((one) => one.side === 'out') ?? sides[0];
  const closing = side ? closingParts(duty, side) : [];
  const { oldLengthM, newLengthM } = facts;
  return {
    parts: [
      ...stopParts(duty, side?.pipe.material, facts.stop),
      ...(isLiquid(duty.medium) ? [{ id: 'drain-hose', count: 1 } as const] : []),
      { id: 'cutter', dn: side?.pipe.dn ?? duty.dn },
      ...closing,
    ],
    steps: [
      stopStep(duty, side?.pipe.material, facts.stop),
      closingStep(side),
      ...(oldLengthM === undefined || newLengthM === undefined
        ? [
            'Measure both valves end to end before you cut: the gap has to take the new body and what closes it.',
          ]
        : []),
    ],
    ...(oldLengthM !== undefined && newLengthM !== undefined && { takeUpM: newLengthM - oldLengthM }),
  };
}

function stopParts(duty: Duty, material: PipeMaterial | undefined, stop: LineStop | undefined): Part[] {
  if (stop === undefined) return [];
  const lock: Part = { id: 'lock-and-tag', count: 1 };
  if (stop === 'holds' || !isLiquid(duty.medium)) return [lock];
  if (material !== undefined && isFreezable(duty, material))
    return [...(stop === 'weeps' ? [lock] : []), { id: 'freeze-kit', count: 1, dn: duty.dn }];
  return stop === 'none' && MEDIUM_FACTS[duty.medium].family === 'water' && duty.dn > FROZEN_TO_DN
    ? [{ id: 'line-stop', count: 1, dn: duty.dn }]
    : [lock];
}

function stopStep(duty: Duty, material: PipeMaterial | undefined, stop: LineStop | undefined): string {
  const { medium, temperatureC } = duty;
  if (stop === undefined)
    return 'Find out before the day what shuts this line: close it, open an outlet below it and wait.';
  if (isFuelGas(medium))
    return stop === 'holds'
      ? 'Shut, lock and tag it, bleed the line outdoors and prove it dead. Licensed fitter only; purge and test afterwards.'
      : 'A gas line is neither frozen nor plugged: the utility shuts it at the meter or in the street. Licensed fitter only.';
  if (isSteam(medium))
    return 'Shut the boiler down, lock it out, let the line cool and vent it: do not rely on a valve against steam.';
  if (MEDIUM_FACTS[medium].family === 'waste')
    return 'Stop and lock out the pumps, close what holds, and let the main drain: everything above the cut runs out.';
  if (stop === 'holds') return 'Shut, lock and tag it, open the lowest outlet and wait until it runs dry.';
  if (material !== undefined && isFreezable(duty, material))
    return temperatureC !== undefined && temperatureC > HOT_C
      ? 'Freeze the pipe upstream of the cut, after it has cooled: the water must be cold and still, all pumps off.'
      : 'Freeze the pipe upstream of the cut: it must be full, the water cold and still. Keep the jacket on until the last joint is made.';
  return stop === 'weeps'
    ? 'Water keeps coming: have the utility shut the next valve upstream, or book a line stop. Nothing is soldered or glued wet.'
    : 'This pipe is not frozen on site: have the utility shut the street, or book a line stop through a hot tap.';
}

/** Joints that a coupling without a stop is made for. */
const SLIPPED: readonly JointId[] = ['press', 'solder', 'push', 'braze', 'solvent', 'fusion', 'compression'];
const PEX: readonly JointId[] = ['pex-crimp', 'pex-expansion'];
const BURIED: readonly JointId[] = ['mechanical', 'push-on'];

/** What bridges the gap beyond the new valve, by how the pipe is joined there. */
function closingParts(duty: Duty, { pipe, taken }: JoinedSide): Part[] {
  const joint = taken?.joints[0];
  const { dn } = pipe;
  const piece: Part = { id: 'pipe-piece', count: 1, dn };
  if (taken?.parts.some(({ id }) => id === 'flange')) return [{ id: 'spool', count: 1, dn }];
  if (joint === undefined) return [];
  if (joint === 'thread') return [{ id: 'nipple', count: 1, dn, ...lead(duty) }];
  if (SLIPPED.includes(joint) || PEX.includes(joint))
    return [{ id: 'slip-coupling', count: 1, dn, joint, ...lead(duty) }, piece];
  if (joint === 'groove') return [{ id: 'grooved-coupling', count: 1, dn }, piece];
  if (BURIED.includes(joint))
    return [{ id: 'solid-sleeve', count: 1, dn, ...inGround(duty) }, { ...gland(dn, duty), count: 2 }, piece];
  return joint === 'socket-weld' || joint === 'butt-weld' ? [piece] : [];
}

function closingStep(side: JoinedSide | undefined): string {
  const joint = side?.taken?.joints[0];
  if (side?.taken?.parts.some(({ id }) => id === 'flange'))
    return 'Unbolt the old valve, clean both faces and use new gaskets; a shorter body needs a spool, a longer one a cut.';
  if (joint === 'thread')
    return 'Cut the pipe beside the old valve, unscrew both halves, and close the gap with a nipple and a union.';
  if (joint === 'tube-fitting') return 'This tube is not patched: run a new length from fitting to fitting.';
  if (joint === 'socket-weld' || joint === 'butt-weld')
    return 'Cut the old valve out and weld a short piece in: hot-work permit, line gas-free and dry.';
  return 'Cut the old valve out with a length of pipe on the downstream side; a coupling without a stop slides over the joint.';
}
