import type { Budget, BudgetCase, BudgetPoint, budgetCurve, budgetOf } from '@grevik/core';
import { wrap } from 'comlink';

/** A plan that is worked out beside the screen, until it is there or cancelled; the curve comes after it. */
export interface Planning {
  plan: Promise<Budget>;
  curve: Promise<BudgetPoint[]>;
  cancel: () => void;
}

/** Plans in a worker of its own, so that it can be cancelled at once. */
export function planInWorker(given: BudgetCase): Planning {
  const worker = new Worker(new URL('./budget.worker.ts', import.meta.url), { type: 'module' });
  const core = wrap<{ budgetOf: typeof budgetOf; budgetCurve: typeof budgetCurve }>(worker);
  const plan = core.budgetOf(given);
  const curve = core.budgetCurve(given).finally(() => worker.terminate());
  return { plan, curve, cancel: () => worker.terminate() };
}
