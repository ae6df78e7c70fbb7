import type { LineView, PositionView } from '@grevik/contracts';
import {
  type HouseRuleSettings,
  type IsolationAnswer,
  type WalkedLine,
  isolationAnswer,
  walkedLine,
} from '@grevik/core';
import { useDeferredValue, useMemo } from 'react';

/** A line as a network, with the position that stands at each valve. */
export type Walked = WalkedLine<PositionView>;

export const walked = (line: LineView, settings: HouseRuleSettings, now: Date): Walked =>
  walkedLine({ items: line.walk.items, positions: line.positions }, settings, now);

export function useWalk(line: LineView, settings: HouseRuleSettings): Walked {
  return useMemo(() => walked(line, settings, new Date()), [line, settings]);
}

/** A walk with what shuts one of its items off: after the rest of the screen is drawn, since a long line takes its time. */
export function useIsolation(walk: Walked, itemId: string | undefined): Isolated | null {
  const question = useMemo(() => ({ walk, itemId }), [walk, itemId]);
  const asked = useDeferredValue<typeof question | null>(question, null);
  return useMemo(
    () =>
      asked && {
        walk: asked.walk,
        answer: isolationAnswer(asked.walk.network, asked.itemId ?? ''),
      },
    [asked],
  );
}

interface Isolated {
  walk: Walked;
  answer: IsolationAnswer | undefined;
}
