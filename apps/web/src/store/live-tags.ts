import { LIVE_TOPICS, type LiveNoticeView, type LiveTopic } from '@grevik/contracts';
import { CHANGE_KIND_TABLE, type ChangeKind } from '@grevik/core';
import { ALL, type Tag } from './api';

/** What is asked anew: all of a kind, or only what is about one thing. */
export interface Told {
  type: Tag;
  id?: string;
}

const OF_POSITION = ['Line', 'Jobs', 'History', 'Budget'] as const;
const OF_ENTRY = ['Line', 'Jobs', 'History', 'Due', 'Rounds', 'Budget'] as const;
const OF_WALK = ['Line', 'Jobs', 'Due', 'Budget'] as const;
const OF_ORDER = ['Orders', 'Jobs'] as const;
const OF_INTERVAL = ['Due', 'Rounds'] as const;
const OF_MODEL = ['Catalogue', 'Jobs'] as const;

/** What each kind of change may make another. */
const CHANGED: Readonly<Record<ChangeKind | LiveTopic, readonly Tag[]>> = {
  duty: OF_POSITION,
  pick: OF_POSITION,
  name: OF_POSITION,
  'hook-up': OF_POSITION,
  place: OF_POSITION,
  photo: OF_POSITION,
  wets: OF_POSITION,
  entry: OF_ENTRY,
  'line-facts': OF_WALK,
  job: ['Jobs'],
  'job-archive': ['Jobs', 'Due', 'Budget'],
  line: OF_WALK,
  walk: OF_WALK,
  'walk-list': OF_WALK,
  archive: OF_WALK,
  'job-house-rules': ['Jobs', 'Line'],
  'order-add': OF_ORDER,
  'order-change': OF_ORDER,
  'order-remove': OF_ORDER,
  'order-place': OF_ORDER,
  'order-sheet': OF_ORDER,
  'order-state': OF_ORDER,
  'quote-request': OF_ORDER,
  receipt: OF_ORDER,
  'start-up': ['StartUp', 'Samples', 'Jobs'],
  'hand-over': ['StartUp', 'Jobs', 'Due'],
  'house-rules': ['Company', 'Jobs'],
  'hold-rules': ['Company'],
  interval: OF_INTERVAL,
  'interval-of-job': OF_INTERVAL,
  'interval-of-position': OF_INTERVAL,
  'owner-page': ['OwnerPages', 'History'],
  station: ['Station', 'Devices', 'History'],
  budget: ['Budget'],
  'budget-of-job': ['Budget'],
  round: OF_INTERVAL,
  'round-change': OF_INTERVAL,
  'calendar-address': ['Rounds'],
  device: ['Devices'],
  currency: ['Company', 'Orders', 'Budget'],
  'model-add': OF_MODEL,
  'model-change': OF_MODEL,
  'model-retire': OF_MODEL,
  'model-list': OF_MODEL,
  role: ['People'],
  joined: ['People'],
  left: ['People'],
  invited: ['People'],
  'invitation-withdrawn': ['People'],
  password: [],
  'password-link': [],
  'second-factor': ['People'],
  samples: ['Samples', 'StartUp'],
  levels: ['Station'],
  devices: ['Devices'],
  'device-trouble': ['Devices', 'StartUp', 'Station'],
  quotes: ['Orders'],
  drills: ['Drills'],
  tasks: ['Tasks'],
};

/** What is told without a number, so that it is not told again after a gap. */
export const UNNUMBERED: readonly Tag[] = [...new Set(LIVE_TOPICS.flatMap((topic) => CHANGED[topic]))];

/** Where a change is of everybody, it is known of no one. */
const EVERYTHING = [...new Set(Object.values(CHANGED).flat())];

/**
 * What has to be asked anew after something was told: where it is known of which job, position or row, only what is about that or about all.
 *
 * @param me id of whoever is signed in: their own role decides what every screen shows
 *
 * @example
 * tagsOf({ kind: 'levels', jobId: null, positionId: 'well', subjectId: null }, 'ada') // [{ type: 'Station', id: 'well' }, { type: 'Station', id: 'all' }]
 */
export function tagsOf(notice: LiveNoticeView, me: string): Told[] {
  const { kind, jobId, positionId, subjectId } = notice;
  if ((kind === 'role' || kind === 'left') && subjectId === me) return [{ type: 'Session' }];
  const types = kind === 'many' ? EVERYTHING : CHANGED[kind];
  const isOfAll = kind in CHANGE_KIND_TABLE && CHANGE_KIND_TABLE[kind as ChangeKind].of === 'company';
  const ids = isOfAll ? [] : [jobId, positionId, subjectId].filter((id) => id !== null);
  if (ids.length === 0) return types.map((type) => ({ type }));
  return types.flatMap((type) => [...ids, ALL].map((id) => ({ type, id })));
}
