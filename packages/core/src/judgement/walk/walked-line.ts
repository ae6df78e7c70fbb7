import type { Network } from '../../physics/isolation/index.js';
import type { HouseRuleSettings, PositionDuty } from '../selection/index.js';
import type { Condition } from './condition.js';
import { linkOf } from './link-of.js';
import type { WalkItem } from './walk-item.js';
import { walkNetwork } from './walk-network.js';

/** What of a position decides how its line is shut off. */
export interface WalkedValve {
  id: string;
  duty: Pick<PositionDuty, 'function'>;
  condition: Condition;
}

/** A line as a network, with what stands where. */
export interface WalkedLine<Position extends WalkedValve> {
  items: readonly WalkItem[];
  network: Network;
  itemOf: ReadonlyMap<string, WalkItem>;
  positionOf: (item: WalkItem | undefined) => Position | undefined;
}

/**
 * What is known of a valve: what was found, else what it was first written down as.
 *
 * @param item      the valve on the walk
 * @param condition what was found of its position since
 *
 * @example
 * conditionAt({ id: 'a', kind: 'valve', type: 'gate' }, { turning: 'seized' }) // { type: 'gate', turning: 'seized' }
 */
export function conditionAt(item: WalkItem, condition: Condition | undefined): Condition {
  return { ...(item.type && { type: item.type }), ...condition };
}

/**
 * The network of a line as it was walked and as its valves were found.
 *
 * @param line  what was walked, and the positions of its valves
 * @param settings the house rules
 * @param now   when it is asked: what nobody has operated for years counts for less
 *
 * @example
 * walkedLine({ items: [{ id: 's', kind: 'source' }], positions: [] }, STANDARD_SIDES, new Date()).network.nodes.length // 2
 */
export function walkedLine<Position extends WalkedValve>(
  { items, positions }: { items: readonly WalkItem[]; positions: readonly Position[] },
  settings: HouseRuleSettings,
  now: Date,
): WalkedLine<Position> {
  const position = new Map(positions.map((one) => [one.id, one]));
  const valves = new Map(items.map((item) => [item.positionId, item]));
  return {
    items,
    itemOf: new Map(items.map((item) => [item.id, item])),
    positionOf: (item) => position.get(item?.positionId ?? ''),
    network: walkNetwork(items, (id) => {
      const found = position.get(id ?? '');
      const item = valves.get(id);
      if (!found || !item) return { kind: 'valve' };
      return linkOf(found.duty.function, conditionAt(item, found.condition), settings, now);
    }),
  };
}
