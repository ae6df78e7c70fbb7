import type { TurnCounterEvent, TurnFault } from '@grevik/contracts';
import type { TurnPoint } from '@grevik/core';
import { useEffect, useRef, useState } from 'react';

interface TurnCounter {
  isRunning: boolean;
  /** It fell silent before its end. */
  isLost: boolean;
  start: (valve: { dn: number; turns: number; fault: TurnFault }) => void;
  stop: () => void;
}

/**
 * Listens to the turn counter.
 *
 * @param tell given the curve so far, and whether the valve came to its stop
 */
export function useTurnCounter(tell: (curve: readonly TurnPoint[], isEnded: boolean) => void): TurnCounter {
  const source = useRef<EventSource>(undefined);
  const [isRunning, setRunning] = useState(false);
  const [isLost, setLost] = useState(false);
  const close = (): void => {
    source.current?.close();
    source.current = undefined;
    setRunning(false);
  };
  useEffect(() => () => source.current?.close(), []);
  return {
    isRunning,
    isLost,
    stop: close,
    start: ({ dn, turns, fault }) => {
      close();
      const seed = Math.floor(Math.random() * 2 ** 31);
      const opened = new EventSource(
        `/api/turn-counter/plays?dn=${dn}&turns=${turns}&fault=${fault}&seed=${seed}`,
      );
      const curve: TurnPoint[] = [];
      source.current = opened;
      setRunning(true);
      setLost(false);
      opened.onmessage = ({ data }: MessageEvent<string>) => {
        const { point } = JSON.parse(data) as TurnCounterEvent;
        if (point) curve.push(point);
        else close();
        tell([...curve], !point);
      };
      opened.onerror = () => {
        setLost(true);
        close();
      };
    },
  };
}
