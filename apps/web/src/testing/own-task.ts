import type { OwnTaskView } from '@grevik/contracts';

/** A background task that somebody waits for: done, unless said otherwise. */
export const ownTask = (more: Partial<OwnTaskView>): OwnTaskView => ({
  id: 'task',
  kind: 'budget-file',
  what: 'all jobs',
  state: 'done',
  done: 1,
  total: 1,
  tries: 1,
  problem: null,
  by: 'Ada Wrenfield',
  addedAt: '2026-11-20T08:00:00.000Z',
  endedAt: '2026-11-20T08:00:04.000Z',
  result: null,
  file: null,
  ...more,
});
