import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { Candidate, Duty } from '../duty/index.js';
import type { End } from '../../ground/valves/index.js';
import type { JointId } from './joint-ids.js';
import type { Part } from './part.js';

/** What is tried again and again, and leaks or breaks. */
export type Mistake =
  | 'npt-into-bsp'
  | 'plain-plastic-female'
  | 'other-makers-tail'
  | 'other-plastic'
  | 'nothing-joins';

/** One connection from the pipe to an end of the valve, not yet judged. The parts come in the order from the pipe to the valve. */
export interface RawConnection {
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

/** One side of a valve to be joined. */
export interface Asked {
  duty: Duty;
  valve: Candidate;
  pipe: PipeSide;
  end: End;
  side: 'in' | 'out';
}
