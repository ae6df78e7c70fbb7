import type { OwnTaskView, TaskKind, TaskResult } from '@grevik/contracts';

/** A background task as it stands once it is done. */
export const doneTask = (kind: TaskKind, result: TaskResult): OwnTaskView => ({
  id: 'task',
  kind,
  what: 'Quay',
  state: 'done',
  done: 0,
  total: null,
  tries: 1,
  problem: null,
  by: 'Ada',
  addedAt: '2026-05-01T08:00:00.000Z',
  endedAt: '2026-05-01T08:00:01.000Z',
  result,
  file: null,
});
