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
  /** Since when it stands so: a valve that was not turned for years counts as another. */
  since: string;
}

/** What the failure of each valve of a line puts out of service, or of only one. */
export const outagesOf = ({ items, positions, settings, since }: OutageLine, only?: string): ValveOutage[] =>
  outagesOnLine({ items, positions }, settings, new Date(since), only);

/** What the failure of each valve of some lines puts out of service, line by line: in a thread of its own. @param lines `OutageLine`s as JSON */
export function workOutOutages({ lines }: { lines: string }): Promise<ValveOutage[][]> {
  return Promise.resolve((JSON.parse(lines) as OutageLine[]).map((line) => outagesOf(line)));
}
