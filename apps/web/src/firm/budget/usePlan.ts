import type { BudgetView } from '@grevik/contracts';
import type { Budget, BudgetPoint } from '@grevik/core';
import { useEffect, useRef, useState } from 'react';
import { type Planning, planInWorker } from './plan-in-worker';

interface Plan {
  /** The last one stays until the next is there. */
  budget: Budget | undefined;
  /** What other money would come to; it is there after the plan. */
  curve: BudgetPoint[] | undefined;
  isPlanning: boolean;
  /** Ends the planning; what was there before stays. */
  cancel: () => void;
}

/** The plan of a budget, worked out beside the screen. */
export function usePlan(view: BudgetView | undefined): Plan {
  const [done, setDone] = useState<{ view: BudgetView; budget: Budget }>();
  const [curve, setCurve] = useState<BudgetPoint[]>();
  const [cancelled, setCancelled] = useState<BudgetView>();
  const planning = useRef<Planning>(undefined);
  useEffect(() => {
    if (!view) return undefined;
    const { settings, valves, seen, moved } = view;
    const started = planInWorker({ settings, valves, seen, moved });
    let wanted = true;
    planning.current = started;
    void started.plan.then((budget) => {
      if (wanted) setDone({ view, budget });
    });
    void started.curve.then((points) => {
      if (wanted) setCurve(points);
    });
    return () => {
      wanted = false;
      started.cancel();
    };
  }, [view]);
  return {
    budget: done?.budget,
    curve,
    isPlanning: view !== undefined && done?.view !== view && cancelled !== view,
    cancel: () => {
      planning.current?.cancel();
      setCancelled(view);
    },
  };
}
