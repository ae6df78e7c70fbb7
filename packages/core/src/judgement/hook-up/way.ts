import type { Verdict } from '../selection/index.js';
import type { End } from '../../ground/valves/index.js';
import type { Part } from './part.js';
import type { WayReason } from './way-rules.js';
import type { PipeSide, RawWay } from './raw-way.js';

export type HookUpSide = 'in' | 'out';

/** A way to make one side, judged. */
export interface Way extends Omit<RawWay, 'mistake' | 'remedy'> {
  verdict: Verdict;
  reasons: WayReason[];
  /** What governs with this joint, where a table covers it. */
  weakest?: { name: string; allowablePa: number };
}

export interface JoinedSide {
  side: HookUpSide;
  pipe: PipeSide;
  end: End;
  /** Taken first: what fits, then what needs care; of these the one with fewest joints. */
  ways: Way[];
  /** The way taken: the one asked for where it is not ruled out, else the first that is not. */
  taken?: Way;
  /** What stands between pipe and joint beside it: so that metals part, or the valve comes out again. */
  beside: Part[];
}
