import { useEffect, useRef, useState } from 'react';
import type { Answer } from './simulations';

export interface Simulated<T> {
  /** The last that is there; it stays until the next is. */
  result?: T;
  trouble?: { field: string; message: string };
  isRunning: boolean;
}

/**
 * What a simulation answers, asked again whenever `ask` changes. While one is under way only the newest question waits, so that dragging never
 * queues up.
 */
export function useSimulation<T>(ask: () => Promise<Answer<T>>): Simulated<T> {
  const [state, setState] = useState<Simulated<T>>({ isRunning: true });
  const waiting = useRef<typeof ask>(undefined);
  const isBusy = useRef(false);
  const isHere = useRef(false);
  useEffect(() => {
    isHere.current = true;
    return () => {
      isHere.current = false;
    };
  }, []);
  useEffect(() => {
    waiting.current = ask;
    const run = async (): Promise<void> => {
      isBusy.current = true;
      setState((before) => ({ ...before, isRunning: true }));
      while (waiting.current && isHere.current) {
        const asked = waiting.current;
        waiting.current = undefined;
        const answer = await asked();
        if (!isHere.current) break;
        const isLast = waiting.current === undefined;
        setState((before) =>
          'result' in answer
            ? { result: answer.result, isRunning: !isLast }
            : {
                ...(before.result !== undefined && { result: before.result }),
                trouble: answer.trouble,
                isRunning: !isLast,
              },
        );
      }
      isBusy.current = false;
    };
    if (!isBusy.current) void run();
  }, [ask]);
  return state;
}
