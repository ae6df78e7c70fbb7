import type { Budget, BudgetCase } from '@grevik/core';
import { wrap } from 'comlink';

/** A plan that is worked out beside the screen, until it is there or cancelled. */
export interface Planning {
  done: Promise<Budget>;
  cancel: () => void;
}

/** Plans in a worker of its own, so that it can be cancelled at once. */
export function planInWorker(given: BudgetCase): Planning {
  const worker = new Worker(new URL('./budget.worker.ts', import.meta.url), { type: 'module' });
  const plan = wrap<(given: BudgetCase) => Budget>(worker);
  return { done: plan(given).finally(() => worker.terminate()), cancel: () => worker.terminate() };
}
