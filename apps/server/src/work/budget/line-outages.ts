import {
  type HouseRuleSettings,
  type ValveOutage,
  type WalkItem,
  type WalkedValve,
  outagesOnLine,
} from '@grevik/core';

export interface OutageLine {
  items: WalkItem[];
  positions: WalkedValve[];
  settings: HouseRuleSettings;
}

/** What the failure of each valve of some lines puts out of service: in a thread of its own. @param lines `OutageLine`s as JSON */
export function workOutOutages({ lines, now }: { lines: string; now: string }): Promise<ValveOutage[]> {
  const at = new Date(now);
  return Promise.resolve(
    (JSON.parse(lines) as OutageLine[]).flatMap(({ items, positions, settings }) =>
      outagesOnLine({ items, positions }, settings, at),
    ),
  );
}
