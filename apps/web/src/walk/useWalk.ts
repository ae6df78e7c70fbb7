import type { LineView, PositionView } from '@grevik/contracts';
import {
  type HouseSides,
  type IsolationAnswer,
  type Network,
  type WalkItem,
  isolationAnswer,
  linkOf,
  walkNetwork,
} from '@grevik/core';
import { useDeferredValue, useMemo } from 'react';
import { conditionAt } from './item-words';

/** A line as a network, with what stands where. */
export interface Walked {
  items: readonly WalkItem[];
  network: Network;
  itemOf: ReadonlyMap<string, WalkItem>;
  positionOf: (item: WalkItem | undefined) => PositionView | undefined;
}

/** The network of a line, as it was walked and as it was found. */
export function walked(line: LineView, sides: HouseSides, now: Date): Walked {
  const { items } = line.walk;
  const positions = new Map(line.positions.map((position) => [position.id, position]));
  const valves = new Map(items.map((item) => [item.positionId, item]));
  return {
    items,
    itemOf: new Map(items.map((item) => [item.id, item])),
    positionOf: (item) => positions.get(item?.positionId ?? ''),
    network: walkNetwork(items, (id) => {
      const position = positions.get(id ?? '');
      const item = valves.get(id);
      if (!position || !item) return { kind: 'valve' };
      return linkOf(position.duty.function, conditionAt(item, position), sides, now);
    }),
  };
}

export function useWalk(line: LineView, sides: HouseSides): Walked {
  return useMemo(() => walked(line, sides, new Date()), [line, sides]);
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
