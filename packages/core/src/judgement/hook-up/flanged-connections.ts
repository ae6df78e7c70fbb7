import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { Candidate, Duty } from '../duty/index.js';
import { type End, FLANGED_ENDS, familyOf } from '../../ground/valves/index.js';
import { type Drilling, boltSet, flangeSizes } from './flange-bolting.js';
import type { JointId } from './joint-ids.js';
import { inGround, sized, taken } from './joint-parts.js';
import type { Part } from './part.js';
import type { Asked, RawConnection } from './raw-connection.js';

export const FLANGES: readonly End[] = [...FLANGED_ENDS, 'wafer', 'lug'];

/** Joints that end a pipe with a flange. */
const FLANGING: Partial<Record<PipeMaterial, readonly JointId[]>> = {
  steel: ['thread', 'socket-weld', 'butt-weld', 'groove'],
  galvanised: ['thread', 'groove'],
  stainless: ['thread', 'butt-weld', 'press'],
  copper: ['solder', 'press'],
  pvc: ['solvent'],
  cpvc: ['solvent'],
  hdpe: ['fusion'],
  'ductile-iron': ['mechanical', 'push-on'],
};

/** The drilling of the pipe's flange; what is held between two flanges is taken as class 150. */
const drillingOf = (end: End): Drilling =>
  end === 'wafer' || end === 'lug' ? 'flange-150' : (end as Drilling);

/** Flanged, or held between two flanges. */
export function flangedConnections(asked: Asked): RawConnection[] {
  const { duty, pipe, end, valve } = asked;
  const drilling = drillingOf(end);
  return (FLANGING[pipe.material] ?? []).map((joint) =>
    sized(asked, joint, {
      id: `${joint}-flange`,
      joints: [joint],
      parts: [
        ...taken(asked, joint),
        { id: 'flange', count: 1, dn: duty.dn, drilling, joint },
        ...gasket(valve, end, drilling, duty.dn),
        ...bolting(valve, end, drilling, duty),
      ],
    }),
  );
}

/** A rubber seat that laps the face is the gasket itself: another one spoils it. */
export const isRubberFaced = ({ type, seatMaterial }: Candidate, end: End): boolean =>
  (end === 'wafer' || end === 'lug') && type === 'butterfly-resilient' && seatMaterial !== 'metal';

function gasket(valve: Candidate, end: End, drilling: Drilling, dn: number): Part[] {
  if (isRubberFaced(valve, end)) return [];
  return [{ id: drilling === 'flange-125' ? 'full-face-gasket' : 'ring-gasket', count: 1, dn, drilling }];
}

function bolting(valve: Candidate, end: End, drilling: Drilling, duty: Duty): Part[] {
  const { dn } = duty;
  if (end !== 'wafer' && end !== 'lug') {
    const set = boltSet(drilling, dn, { as: 'flanges' });
    return set ? [{ id: 'bolts', dn, ...set, ...inGround(duty) }] : [];
  }
  const kind = familyOf(valve.type) === 'check' ? 'dual-plate' : 'butterfly';
  const set = boltSet(drilling, dn, { as: end, kind, gasket: !isRubberFaced(valve, end) });
  if (!set) return [];
  const id = end === 'wafer' ? ('through-bolts' as const) : ('cap-screws' as const);
  return [{ id, dn, ...set, ...inGround(duty) }];
}

/** Whether the table knows the bolts of a size. */
export const isDrilled = (end: End, dn: number): boolean =>
  !FLANGES.includes(end) || flangeSizes(drillingOf(end))[dn] !== undefined;
