import { type Remote, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { PlanLayout } from './lay-out';
import type { PlanGraph } from './plan-graph';

type LayOut = (graph: PlanGraph) => PlanLayout;
let worker: Remote<LayOut> | undefined;

interface LaidOut {
  graph: PlanGraph;
  layout: PlanLayout;
}

/** A plan with its layout, worked out beside the screen; undefined until the first is there. The last one stays until the next is. */
export function usePlanLayout(graph: PlanGraph): LaidOut | undefined {
  const [done, setDone] = useState<LaidOut>();
  useEffect(() => {
    let wanted = true;
    worker ??= wrap<LayOut>(new Worker(new URL('./lay-out.worker.ts', import.meta.url), { type: 'module' }));
    void worker(graph).then((layout) => {
      if (wanted) setDone({ graph, layout });
    });
    return () => {
      wanted = false;
    };
  }, [graph]);
  return done;
}
