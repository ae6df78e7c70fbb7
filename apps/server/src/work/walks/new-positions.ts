import type { WalkInsert } from '@grevik/contracts';
import { InvalidInput, type Medium, type PositionDuty, TAG_PATTERN, isCheck } from '@grevik/core';

/** What a position that is met on a walk starts from, until its duty is given. */
export interface Neighbour {
  tag: string;
  duty: PositionDuty;
}

/**
 * The position a valve of the walk becomes: what nobody said of it is not known.
 *
 * @param item   the valve as it was written; its tag is the next free one where none was given
 * @param before the last valve or run before it
 * @param tags   taken in the job, lower case; the new one is added
 */
export function newPosition(
  item: WalkInsert,
  { medium, before, dn }: { medium: Medium; before: Neighbour | undefined; dn: number | undefined },
  tags: Set<string>,
): { tag: string; remarks: string; duty: PositionDuty } {
  const { valve = {} } = item;
  if (valve.tag !== undefined && !TAG_PATTERN.test(valve.tag))
    throw new InvalidInput('insert.valve.tag', `“${valve.tag}” is not a tag. Enter it like CW-04.`);
  if (valve.tag !== undefined && tags.has(valve.tag.toLowerCase()))
    throw new InvalidInput(
      'insert.valve.tag',
      `${valve.tag} is already used on this job. Enter another tag.`,
    );
  const tag = valve.tag ?? nextTag(before?.tag ?? INITIALS[medium] ?? 'V-100', tags);
  tags.add(tag.toLowerCase());
  return {
    tag,
    remarks: item.name ?? '',
    duty: {
      function: item.type && isCheck(item.type) ? 'non-return' : 'isolate',
      dn: valve.dn ?? dn ?? before?.duty.dn ?? 20,
      existing: true,
    },
  };
}

const INITIALS: Partial<Record<Medium, string>> = {
  'potable-cold': 'CW-100',
  'potable-hot': 'HW-100',
  'heating-water': 'HT-100',
  'fire-water': 'SP-100',
  'natural-gas': 'GA-100',
  'lp-gas': 'LP-100',
  'steam-low': 'ST-100',
  'steam-vapour': 'ST-100',
  'raw-sewage': 'LS-100',
};

/** The next free tag of a tag's kind: CW-104 after CW-103. */
function nextTag(like: string, taken: ReadonlySet<string>): string {
  const [, stem = 'V-', digits = '0'] = /^(.*?)(\d*)\D*$/.exec(like) ?? [];
  for (let number = Number(digits) + 1; ; number += 1) {
    const tag = `${stem.slice(0, 12)}${String(number).padStart(digits.length, '0')}`;
    if (!taken.has(tag.toLowerCase())) return tag;
  }
}
