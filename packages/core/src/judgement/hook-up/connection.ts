import type { Verdict } from '../duty/index.js';
import type { End } from '../../ground/valves/index.js';
import type { Part } from './part.js';
import type { ConnectionReason } from './connection-rules.js';
import type { PipeSide, RawConnection } from './raw-connection.js';

export type HookUpSide = 'in' | 'out';

/** The connection of one side, judged. */
export interface Connection extends Omit<RawConnection, 'mistake' | 'remedy'> {
  verdict: Verdict;
  reasons: ConnectionReason[];
  /** What governs with this joint, where a table covers it. */
  weakest?: { name: string; allowablePa: number };
}

export interface JoinedSide {
  side: HookUpSide;
  pipe: PipeSide;
  end: End;
  /** Taken first: what fits, then what needs care; of these the one with fewest joints. */
  ways: Connection[];
  /** The connection chosen: the one asked for where it is not ruled out, else the first that is not. */
  taken?: Connection;
  /** What stands between pipe and joint beside it: so that metals part, or the valve comes out again. */
  beside: Part[];
}
