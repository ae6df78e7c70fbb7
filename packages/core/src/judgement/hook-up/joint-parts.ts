import { isPotable } from '../../ground/media/index.js';
import type { Duty } from '../duty/index.js';
import { GLAND_BOLTS } from './flange-bolting.js';
import type { JointId } from './joint-ids.js';
import { JOINTS } from './joints.js';
import { CONSUMED, type Part } from './part.js';
import type { Asked, RawConnection } from './raw-connection.js';

/** What drinking water asks of a part. */
export const lead = ({ medium }: Duty): { leadFree?: true } => (isPotable(medium) ? { leadFree: true } : {});

/** What a joint takes on this pipe. */
export function taken({ duty, pipe, end }: Asked, joint: JointId): Part[] {
  const parts = JOINTS[joint].takes.map((id): Part => {
    if (id === 'solder') return { id, ...lead(duty) };
    if (id === 'gland-set') return gland(pipe.dn, duty);
    if (id === 'press-jaw') return { id, dn: pipe.dn };
    if (CONSUMED.has(id)) return { id };
    return id === 'tube-fitting' && end === 'mip'
      ? { id, count: 1, dn: pipe.dn, to: 'fip' }
      : { id, count: 1, dn: pipe.dn };
  });
  // Soft tube gives way under a ferrule.
  const isSoft = joint === 'compression' && pipe.material === 'pex';
  return isSoft ? [...parts, { id: 'tube-insert', count: 1, dn: pipe.dn }] : parts;
}

/** What the ground asks of bolts. */
export const inGround = ({ place }: Duty): { coated?: true } =>
  place === 'buried' || place === 'pit' ? { coated: true } : {};

/** A bolted gland with what holds it. */
export function gland(dn: number, duty: Duty): Part {
  const bolts = GLAND_BOLTS[dn];
  return { id: 'gland-set', count: 1, dn, ...(bolts && { thread: bolts[1] }), ...inGround(duty) };
}

/** Where the pipe is of another size than the valve, a reducer made as the joint is. */
export function sized({ pipe, duty }: Asked, joint: JointId, connection: RawConnection): RawConnection {
  if (pipe.dn === duty.dn) return connection;
  const reducer: Part = { id: 'reducer', count: 1, dn: pipe.dn, toDn: duty.dn, joint, ...lead(duty) };
  return { ...connection, parts: [...connection.parts, reducer] };
}
