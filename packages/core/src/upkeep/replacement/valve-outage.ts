import type { HouseRuleSettings } from '../../judgement/selection/index.js';
import {
  FIXTURES,
  type WalkItem,
  type WalkedValve,
  faultAt,
  inWalkOrder,
  walkedLine,
} from '../../judgement/walk/index.js';
import { isolate } from '../../physics/isolation/index.js';

/** What is dry while a failed valve is changed. */
export interface ValveOutage {
  positionId: string;
  /** Who is out of service, by name, in the order of the walk. */
  dry: string[];
  /** A shut-off that should stop it does not turn. */
  isBehindSeized: boolean;
}

/** A longer line is not asked valve by valve. */
const MOST_ITEMS = 600;

/**
 * What the failure of each valve of a line puts out of service, from what is closed for it.
 *
 * @param line     as it was walked, with its positions
 * @param settings house rules
 * @param now      when it is asked
 * @param only     the position that is asked for; all of the line unless given
 * @returns one a valve; nothing for a line of more than 600 items
 *
 * @example
 * outagesOnLine({ items: [], positions: [] }, houseRuleSettings(), new Date()) // []
 */
export function outagesOnLine(
  line: { items: readonly WalkItem[]; positions: readonly WalkedValve[] },
  settings: HouseRuleSettings,
  now: Date,
  only?: string,
): ValveOutage[] {
  if (line.items.length > MOST_ITEMS) return [];
  const { network, itemOf } = walkedLine(line, settings, now);
  return line.items.flatMap(({ id, positionId }) => {
    if (positionId === undefined || (only !== undefined && positionId !== only)) return [];
    const fault = faultAt(network, id);
    if (!fault) return [];
    const answer = isolate(network, fault);
    const names = inWalkOrder(answer.outOfService, line.items).map((of) => nameOf(itemOf.get(of)));
    return [
      {
        positionId,
        dry: [...new Set(names)],
        isBehindSeized: answer.notUsed.some(({ valveId, why }) => valveId !== id && why === 'stuck-open'),
      },
    ];
  });
}

const nameOf = (item: WalkItem | undefined): string => item?.name ?? FIXTURES[item?.fixture ?? 'other'].words;
