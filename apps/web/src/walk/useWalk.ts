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
import { useMemo } from 'react';
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

export function useIsolation({ network }: Walked, itemId: string | undefined): IsolationAnswer | undefined {
  return useMemo(
    () => (itemId === undefined ? undefined : isolationAnswer(network, itemId)),
    [network, itemId],
  );
}
