import {
  type CheckClosureCase,
  type HammerCase,
  type HandlePoint,
  InvalidInput,
  type SweptPipe,
  type SweptRow,
  type ValveType,
  checkClosure,
  hammerFilm,
  hammerFixes,
  hammerSweep,
  leastClosing,
} from '@grevik/core';

/** A result, or which figure stands in its way and why: errors lose their field on the way out of a worker. */
export type Answer<T> = { result: T } | { trouble: { field: string; message: string } };

function answer<T>(work: () => T): Answer<T> {
  try {
    return { result: work() };
  } catch (error) {
    if (!(error instanceof InvalidInput)) throw error;
    return { trouble: { field: error.field, message: error.message } };
  }
}

/** Lets what else waits for this thread through, a word to stop among it. */
const breathe = (): Promise<void> => new Promise((done) => setTimeout(done));

let stopped = false;

/** What is worked out beside the screen. */
export const simulations = {
  hammer: (of: HammerCase, hand?: readonly HandlePoint[]) => answer(() => hammerFilm(of, hand)),
  fixes: (of: HammerCase, valve: { type: ValveType; dn: number }) =>
    answer(() => ({ fixes: hammerFixes(of, valve), leastS: leastClosing(of)?.closingS })),
  checkClosure: (of: CheckClosureCase) => answer(() => checkClosure(of)),

  /** Tells each row as soon as it is there; undefined where it was stopped before the end. */
  sweep: async (
    of: HammerCase,
    pipes: readonly SweptPipe[],
    tell: (row: SweptRow) => void,
  ): Promise<Answer<SweptRow[]> | undefined> => {
    stopped = false;
    const rows: SweptRow[] = [];
    const sweep = hammerSweep(of, pipes);
    for (;;) {
      await breathe();
      if (stopped) return undefined;
      const next = answer(() => sweep.next());
      if ('trouble' in next) return next;
      if (next.result.done) return { result: rows };
      rows.push(next.result.value);
      tell(next.result.value);
    }
  },
  stopSweep: (): void => {
    stopped = true;
  },
};

export type Simulations = typeof simulations;
