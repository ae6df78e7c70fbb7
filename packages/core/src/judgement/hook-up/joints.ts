import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { End } from '../../ground/valves/index.js';
import { JOINT_IDS, type JointId } from './joint-ids.js';
import type { PartId } from './part.js';

export interface JointFacts {
  words: string;
  /** The end of a valve or an adapter that the pipe goes into, or over, to make it. */
  end: End;
  pipes: readonly PipeMaterial[];
  torch?: true;
  /** Water at the joint spoils it. */
  dry?: true;
  wrench?: true;
  /** A jaw or a ring tool has to go around it. */
  jaw?: true;
  /** Has to stay where a hand reaches it. */
  reachable?: true;
  /** What is used up in making it. */
  takes: readonly PartId[];
}

/** How pipe is joined to what it meets, the plainest for each pipe first. Source: usual practice of the plumbing and fuel-gas codes' joint chapters. */
export const JOINTS: Readonly<Record<JointId, JointFacts>> = {
  thread: {
    words: 'screwed in',
    end: 'fip',
    pipes: ['steel', 'galvanised', 'stainless'],
    wrench: true,
    takes: ['thread-sealant'],
  },
  press: {
    words: 'pressed',
    end: 'press',
    pipes: ['copper', 'stainless'],
    jaw: true,
    takes: ['press-jaw'],
  },
  solder: {
    words: 'soldered',
    end: 'sweat',
    pipes: ['copper'],
    torch: true,
    dry: true,
    takes: ['solder', 'flux'],
  },
  push: { words: 'pushed in', end: 'push-fit', pipes: ['copper', 'pex', 'cpvc'], takes: ['depth-mark'] },
  compression: {
    words: 'nut and ferrule',
    end: 'od-compression',
    pipes: ['copper', 'pex'],
    wrench: true,
    reachable: true,
    takes: ['nut-and-ferrule'],
  },
  flare: {
    words: 'flared',
    end: 'flare',
    pipes: ['copper'],
    wrench: true,
    reachable: true,
    takes: ['flare-nut'],
  },
  'pex-crimp': { words: 'crimped', end: 'pex-barb', pipes: ['pex'], jaw: true, takes: ['pex-ring'] },
  'pex-expansion': {
    words: 'expanded',
    end: 'pex-expansion',
    pipes: ['pex'],
    jaw: true,
    takes: ['expansion-ring'],
  },
  solvent: {
    words: 'glued',
    end: 'solvent-socket',
    pipes: ['pvc', 'cpvc'],
    dry: true,
    takes: ['primer-and-cement'],
  },
  groove: {
    words: 'grooved coupling',
    end: 'grooved',
    pipes: ['steel', 'galvanised', 'stainless', 'ductile-iron'],
    wrench: true,
    takes: ['grooved-coupling'],
  },
  'socket-weld': {
    words: 'socket-welded',
    end: 'socket-weld',
    pipes: ['steel', 'stainless'],
    torch: true,
    dry: true,
    takes: ['welder'],
  },
  'butt-weld': {
    words: 'butt-welded',
    end: 'butt-weld',
    pipes: ['steel', 'stainless'],
    torch: true,
    dry: true,
    takes: ['welder'],
  },
  fusion: { words: 'fused', end: 'spigot', pipes: ['hdpe'], dry: true, takes: ['fusion-coupling'] },
  'tube-fitting': {
    words: 'the tube maker’s own fitting',
    end: 'fip',
    pipes: ['csst'],
    wrench: true,
    takes: ['tube-fitting', 'thread-sealant'],
  },
  mechanical: {
    words: 'bolted gland',
    end: 'mechanical-joint',
    pipes: ['ductile-iron', 'pvc', 'steel'],
    wrench: true,
    takes: ['gland-set', 'restraint'],
  },
  'push-on': {
    words: 'pushed on',
    end: 'push-on',
    pipes: ['ductile-iron', 'pvc'],
    takes: ['push-on-gasket', 'restraint'],
  },
  braze: {
    words: 'brazed',
    end: 'brazed',
    pipes: ['copper'],
    torch: true,
    dry: true,
    takes: ['brazing-rod'],
  },
};

/** The joints a pipe can be ended with, the plainest first. */
export const jointsOf = (material: PipeMaterial): JointId[] =>
  JOINT_IDS.filter((id) => JOINTS[id].pipes.includes(material));
