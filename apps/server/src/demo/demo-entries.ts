import type { EntryKind } from '@grevik/contracts';

/** What was written at positions of the demo job over the years, oldest first. All made up. */
export const DEMO_ENTRIES: readonly {
  tag: string;
  by: string;
  happenedAt: string;
  kind: EntryKind;
  text: string;
  turns?: number;
}[] = [
  {
    tag: 'CW-101',
    by: 'joss@tarnside.example',
    happenedAt: '2018-05-14T08:10:00Z',
    kind: 'turned',
    turns: 11,
    text: 'Old wheel valve. Eleven turns and still a trickle at the café tap.',
  },
  {
    tag: 'CW-101',
    by: 'joss@tarnside.example',
    happenedAt: '2022-04-06T07:40:00Z',
    kind: 'does-not-turn',
    text: 'Stands fast, scale on the stem. Left alone; the street valve serves meanwhile.',
  },
  {
    tag: 'CW-101',
    by: 'ada@tarnside.example',
    happenedAt: '2026-10-02T09:25:00Z',
    kind: 'note',
    text: 'Found by closing the street valve: the branch beside it waters the flower beds, it is not the building’s.',
  },
  {
    tag: 'CW-109',
    by: 'bea@tarnside.example',
    happenedAt: '2025-11-20T13:05:00Z',
    kind: 'leaks',
    text: 'A drop a minute at the packing nut. Quarter turn on the nut, dry since.',
  },
  {
    tag: 'GA-102',
    by: 'joss@tarnside.example',
    happenedAt: '2026-02-11T10:30:00Z',
    kind: 'holds',
    text: 'Shut before the oven’s union was opened. Soap showed nothing.',
  },
];
