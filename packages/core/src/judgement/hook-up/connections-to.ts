import type { Duty } from '../duty/index.js';
import { isGas, isSteam } from '../../ground/media/index.js';
import { BSP_ENDS, type End, THREADED_ENDS, isPlastic, isSupplyStop } from '../../ground/valves/index.js';
import { FLANGES, flangedConnections } from './flanged-connections.js';
import { JOINT_IDS, type JointId } from './joint-ids.js';
import { lead, sized, taken } from './joint-parts.js';
import { JOINTS, jointsOf } from './joints.js';
import type { Part } from './part.js';
import type { Asked, RawConnection } from './raw-connection.js';

const BSP: readonly End[] = BSP_ENDS;
const THREADS: readonly End[] = THREADED_ENDS;

/**
 * The connections from a pipe to one end of a valve: straight in, through an adapter, or flanged; with what is tried and must not be.
 *
 * @param asked.duty  its medium decides on lead-free parts, its place on coated bolts
 * @param asked.valve to be joined
 * @param asked.pipe  on that side
 * @param asked.end   of the valve on that side
 * @param asked.side  in, or out: behind a stop is a fixture's tube
 * @returns the plainest first; never empty
 *
 * @example
 * connectionsTo({ duty, valve, pipe: { material: 'copper', dn: 20 }, end: 'fip', side: 'in' })[0].id // 'press-adapter'
 */
export function connectionsTo(asked: Asked): RawConnection[] {
  const { duty, end, pipe, side, valve } = asked;
  if (FLANGES.includes(end)) return orNothing(flangedConnections(asked));
  if (THREADS.includes(end)) {
    const isBspJob = duty.threads === 'bsp';
    if (BSP.includes(end) !== isBspJob) return otherThread(asked);
    if (isBspJob) return connectionsTo({ ...asked, end: 'fip', duty: { ...duty, threads: undefined } });
  }
  if (end === 'union-tail') return tails(asked);
  if (end === 'male-hose') return [{ id: 'hose', joints: [], parts: [{ id: 'hose-washer', count: 1 }] }];
  if (side === 'out' && isSupplyStop(valve.type))
    return [{ id: 'supply-tube', joints: ['compression'], parts: [{ id: 'supply-tube', count: 1 }] }];
  const straight = jointsOf(pipe.material)
    .filter((id) => JOINTS[id].end === end)
    .map((id) => sized(asked, id, { id, joints: [id], parts: taken(asked, id) }));
  const plastic = isPlastic(valve.bodyMaterial);
  if (plastic && end === 'fip')
    return orNothing(intoPlasticFemale(asked, [...straight, ...adapted(asked, false)]));
  if (end === 'solvent-socket' && plastic && isPlastic(pipe.material) && pipe.material !== valve.bodyMaterial)
    return straight.map((connection) => ({ ...connection, mistake: 'other-plastic' }));
  return orNothing([...straight, ...adapted(asked, straight.length === 0)]);
}

/** A metal male, the pipe's own or an adapter's, splits a plain plastic female; a plastic one does not. */
function intoPlasticFemale({ duty }: Asked, connections: readonly RawConnection[]): RawConnection[] {
  const metal = connections.filter(({ joints }) => joints[0] !== 'solvent');
  const ring: Part = { id: 'reinforced-female', count: 1, dn: duty.dn };
  return [
    ...connections.filter((connection) => !metal.includes(connection)),
    ...metal.map((connection): RawConnection => ({ ...connection, mistake: 'plain-plastic-female' })),
    ...metal.map((connection): RawConnection => ({
      ...connection,
      id: `${connection.id}-reinforced`,
      parts: [...connection.parts, ring],
      remedy: 'plain-plastic-female',
    })),
  ];
}

const orNothing = (connections: RawConnection[]): RawConnection[] =>
  connections.length > 0 ? connections : [{ id: 'none', joints: [], parts: [], mistake: 'nothing-joins' }];

/** Through an adapter: always towards a thread, towards anything else only where the pipe does not go straight in. */
function adapted(asked: Asked, nothingStraight: boolean): RawConnection[] {
  const { duty, pipe, end } = asked;
  if (end === 'fip' || end === 'mip') {
    const to: End = end === 'fip' ? 'mip' : 'fip';
    const joints = jointsOf(pipe.material).filter(
      (id) => isAdaptable(id, duty) && id !== 'thread' && JOINTS[id].end !== end,
    );
    const threaded = joints.map((id) =>
      sized(asked, id, {
        id: `${id}-adapter`,
        joints: [id, 'thread'],
        parts: [
          ...taken(asked, id),
          ...(id === 'tube-fitting' ? [] : [adapter(JOINTS[id].end, to, duty)]),
          ...(id === 'tube-fitting' ? [] : [{ id: 'thread-sealant' } as const]),
        ],
      }),
    );
    return jointsOf(pipe.material).includes('thread') && end === 'mip'
      ? [withCoupling(asked), ...threaded]
      : threaded;
  }
  if (!nothingStraight) return [];
  const last = INTO[end];
  if (!last) return [];
  return jointsOf(pipe.material)
    .filter((id) => isAdaptable(id, duty))
    .slice(0, 2)
    .map((id) =>
      sized(asked, id, {
        id: `${id}-to-${end}`,
        joints: [id, last],
        parts: [
          ...taken(asked, id),
          adapter(id === 'thread' ? 'fip' : JOINTS[id].end, end, duty),
          { id: 'stub', count: 1, dn: duty.dn, to: end },
          ...JOINTS[last].takes.map((taking): Part =>
            taking === 'solder' ? { id: taking, ...lead(duty) } : { id: taking },
          ),
        ],
      }),
    );
}

/** Adapters are made for these. */
const ADAPTABLE: ReadonlySet<JointId> = new Set([
  'thread',
  'press',
  'solder',
  'push',
  'compression',
  'pex-crimp',
  'pex-expansion',
  'solvent',
  'tube-fitting',
  'fusion',
]);
/** On gas and steam, where solder is not used, adapters for these too. */
const FOR_GAS_AND_STEAM: ReadonlySet<JointId> = new Set(['flare', 'braze']);

const isAdaptable = (id: JointId, { medium }: Duty): boolean =>
  ADAPTABLE.has(id) || (FOR_GAS_AND_STEAM.has(id) && (isGas(medium) || isSteam(medium)));

/** A short piece of pipe is not threaded, welded or fused to take an end: the pipe itself would be. */
const NOT_BY_A_STUB: readonly JointId[] = ['thread', 'socket-weld', 'butt-weld', 'fusion', 'tube-fitting'];

/** The joint a short piece of the right pipe makes with an end. */
const INTO: Partial<Record<End, JointId>> = Object.fromEntries(
  JOINT_IDS.filter((id) => !NOT_BY_A_STUB.includes(id)).map((id) => [JOINTS[id].end, id]),
);

const adapter = (from: End, to: End, duty: Duty): Part => ({
  id: 'adapter',
  count: 1,
  dn: duty.dn,
  from,
  to,
  ...lead(duty),
});

function withCoupling(asked: Asked): RawConnection {
  return sized(asked, 'thread', {
    id: 'thread-coupling',
    joints: ['thread', 'thread'],
    parts: [{ id: 'coupling', count: 1, dn: asked.duty.dn }, { id: 'thread-sealant' }],
  });
}

/** A thread of the system that the job does not have: only through an adapter listed for both. */
function otherThread(asked: Asked): RawConnection[] {
  const { duty, pipe, end } = asked;
  const listed: Part = {
    id: 'listed-thread-adapter',
    count: 1,
    dn: duty.dn,
    from: end,
    to: duty.threads === 'bsp' ? 'bspp' : 'fip',
    ...lead(duty),
  };
  const own: End = duty.threads === 'bsp' ? 'bspp' : 'fip';
  const intoIt = connectionsTo({ ...asked, end: own, pipe }).filter(({ mistake }) => mistake === undefined);
  return [
    { id: 'straight-on', joints: ['thread'], parts: [{ id: 'thread-sealant' }], mistake: 'npt-into-bsp' },
    ...intoIt.map((connection) => ({
      ...connection,
      id: `${connection.id}-listed`,
      parts: [...connection.parts, listed],
      remedy: 'npt-into-bsp' as const,
    })),
  ];
}

function tails({ duty, pipe }: Asked): RawConnection[] {
  const joint = jointsOf(pipe.material).includes('thread') ? 'thread' : jointsOf(pipe.material)[0];
  const joints: JointId[] = joint ? [joint] : [];
  return [
    {
      id: 'own-tail',
      joints,
      parts: [{ id: 'own-tail', count: 1, dn: duty.dn }, { id: 'thread-sealant' }],
      remedy: 'other-makers-tail',
    },
    { id: 'old-tail', joints: [], parts: [], mistake: 'other-makers-tail' },
  ];
}
