import { isPotable } from '../media/index.js';
import type { PipeMaterial } from '../pipes/index.js';
import type { Candidate, Duty } from '../selection/index.js';
import { type End, familyOf } from '../valves/index.js';
import { type Drilling, FLANGE_BOLTING, GLAND_BOLTS, boltSet } from './flange-bolting.js';
import type { JointId } from './joint-ids.js';
import { JOINTS, jointsOf } from './joints.js';
import type { Part } from './part.js';

/** What is tried again and again, and leaks or breaks. */
export type Mistake =
  'npt-into-bsp' | 'plain-plastic-female' | 'other-makers-tail' | 'other-plastic' | 'nothing-joins';

/** One way from the pipe to an end of the valve, not yet judged. The parts come in the order from the pipe to the valve. */
export interface RawWay {
  id: string;
  /** Made on site, from the pipe to the valve. */
  joints: JointId[];
  parts: Part[];
  mistake?: Mistake;
  /** Why it is taken though another is plainer. */
  remedy?: Mistake;
}

export interface PipeSide {
  material: PipeMaterial;
  dn: number;
}

interface Asked {
  duty: Duty;
  valve: Candidate;
  pipe: PipeSide;
  end: End;
}

const FLANGES: readonly End[] = ['flange-125', 'flange-150', 'flange-pn16', 'wafer', 'lug'];
const BSP: readonly End[] = ['bspp', 'bspt'];
const METAL_THREADS: readonly PipeMaterial[] = ['steel', 'galvanised', 'stainless'];

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

/**
 * The ways from a pipe to one end of a valve: straight in, through an adapter, or flanged; with what is tried and must not be.
 *
 * @param asked.duty  its medium decides on lead-free parts, its place on coated bolts
 * @param asked.valve to be joined
 * @param asked.pipe  on that side
 * @param asked.end   of the valve on that side
 * @returns the plainest first; never empty
 *
 * @example
 * waysTo({ duty, valve, pipe: { material: 'copper', dn: 20 }, end: 'fip' })[0].id // 'press-adapter'
 */
export function waysTo(asked: Asked): RawWay[] {
  const { end, pipe } = asked;
  if (FLANGES.includes(end)) return orNothing(flanged(asked));
  if (BSP.includes(end)) return bsp(asked);
  if (end === 'union-tail') return tails(asked);
  if (end === 'male-hose') return [{ id: 'hose', joints: [], parts: [{ id: 'hose-washer', count: 1 }] }];
  const straight = jointsOf(pipe.material)
    .filter((id) => JOINTS[id].end === end)
    .map((id) => sized(asked, id, { id, joints: [id], parts: taken(asked, id) }));
  const plastic = asked.valve.bodyMaterial === 'pvc' || asked.valve.bodyMaterial === 'cpvc';
  if (plastic && end === 'fip' && METAL_THREADS.includes(pipe.material))
    return [
      ...straight.map((way) => ({ ...way, mistake: 'plain-plastic-female' as const })),
      ...straight.map((way) => ({
        ...way,
        id: `${way.id}-reinforced`,
        parts: [...way.parts, { id: 'reinforced-female', count: 1, dn: asked.duty.dn } as const],
        remedy: 'plain-plastic-female' as const,
      })),
    ];
  if (
    end === 'solvent-socket' &&
    plastic &&
    (pipe.material === 'pvc' || pipe.material === 'cpvc') &&
    pipe.material !== asked.valve.bodyMaterial
  )
    return [
      ...straight.map((way) => ({ ...way, mistake: 'other-plastic' as const })),
      ...adapted(asked, true),
    ];
  return orNothing([...straight, ...adapted(asked, straight.length === 0)]);
}

const orNothing = (ways: RawWay[]): RawWay[] =>
  ways.length > 0 ? ways : [{ id: 'none', joints: [], parts: [], mistake: 'nothing-joins' }];

const lead = ({ medium }: Duty): { leadFree?: true } => (isPotable(medium) ? { leadFree: true } : {});

/** What a joint takes on this pipe. */
function taken({ duty, pipe, end }: Asked, joint: JointId): Part[] {
  return JOINTS[joint].takes.map((id): Part => {
    if (id === 'solder') return { id, ...lead(duty) };
    if (id === 'gland-set') return gland(pipe.dn, duty);
    if (id === 'press-jaw') return { id, dn: pipe.dn };
    if (
      id === 'flux' ||
      id === 'thread-sealant' ||
      id === 'depth-mark' ||
      id === 'primer-and-cement' ||
      id === 'welder'
    )
      return { id };
    return id === 'tube-fitting' && end === 'mip'
      ? { id, count: 1, dn: pipe.dn, to: 'fip' }
      : { id, count: 1, dn: pipe.dn };
  });
}

const inGround = ({ place }: Duty): { coated?: true } =>
  place === 'buried' || place === 'pit' ? { coated: true } : {};

function gland(dn: number, duty: Duty): Part {
  const bolts = GLAND_BOLTS[dn];
  return { id: 'gland-set', count: 1, dn, ...(bolts && { thread: bolts[1] }), ...inGround(duty) };
}

/** Where the pipe is of another size than the valve, a reducer made as the joint is. */
function sized({ pipe, duty }: Asked, joint: JointId, way: RawWay): RawWay {
  if (pipe.dn === duty.dn) return way;
  const reducer: Part = { id: 'reducer', count: 1, dn: pipe.dn, toDn: duty.dn, joint, ...lead(duty) };
  return { ...way, parts: [...way.parts, reducer] };
}

/** Through an adapter: always towards a thread, towards anything else only where the pipe does not go straight in. */
function adapted(asked: Asked, nothingStraight: boolean): RawWay[] {
  const { duty, pipe, end } = asked;
  if (end === 'fip' || end === 'mip') {
    const to: End = end === 'fip' ? 'mip' : 'fip';
    const ways = jointsOf(pipe.material).filter(
      (id) => ADAPTABLE.has(id) && id !== 'thread' && JOINTS[id].end !== end,
    );
    const threaded = ways.map((id) =>
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
    .filter((id) => ADAPTABLE.has(id))
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
]);

/** The joint a short piece of the right pipe makes with an end. */
const INTO: Partial<Record<End, JointId>> = Object.fromEntries(
  (
    [
      'press',
      'solder',
      'push',
      'compression',
      'flare',
      'pex-crimp',
      'pex-expansion',
      'solvent',
      'groove',
      'mechanical',
      'push-on',
    ] as const
  ).map((id) => [JOINTS[id].end, id]),
);

const adapter = (from: End, to: End, duty: Duty): Part => ({
  id: 'adapter',
  count: 1,
  dn: duty.dn,
  from,
  to,
  ...lead(duty),
});

function withCoupling(asked: Asked): RawWay {
  return sized(asked, 'thread', {
    id: 'thread-coupling',
    joints: ['thread', 'thread'],
    parts: [{ id: 'coupling', count: 1, dn: asked.duty.dn }, { id: 'thread-sealant' }],
  });
}

function bsp(asked: Asked): RawWay[] {
  const { duty, pipe, end } = asked;
  const listed: Part = {
    id: 'listed-thread-adapter',
    count: 1,
    dn: duty.dn,
    from: end,
    to: 'fip',
    ...lead(duty),
  };
  const intoIt = waysTo({ ...asked, end: 'fip', pipe }).filter(({ mistake }) => mistake === undefined);
  return [
    { id: 'straight-on', joints: ['thread'], parts: [{ id: 'thread-sealant' }], mistake: 'npt-into-bsp' },
    ...intoIt.map((way) => ({
      ...way,
      id: `${way.id}-listed`,
      parts: [...way.parts, listed],
      remedy: 'npt-into-bsp' as const,
    })),
  ];
}

function tails({ duty, pipe }: Asked): RawWay[] {
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

/** Flanged, or held between two flanges. */
function flanged(asked: Asked): RawWay[] {
  const { duty, pipe, end, valve } = asked;
  const drilling: Drilling = end === 'wafer' || end === 'lug' ? 'flange-150' : (end as Drilling);
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
  !FLANGES.includes(end) ||
  FLANGE_BOLTING[end === 'wafer' || end === 'lug' ? 'flange-150' : (end as Drilling)].sizes[dn] !== undefined;
