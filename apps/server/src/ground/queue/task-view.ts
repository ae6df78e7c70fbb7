import type { TaskView } from '@grevik/contracts';

/** A task as the database gives it. */
export type TaskRow = Omit<TaskView, 'addedAt' | 'endedAt'> & { addedAt: Date; endedAt: Date | null };

/** The columns of a task row: of the tasks as `t`, and of who added it as `p`. */
export const TASK_COLUMNS = `t.id, t.kind, t.what, t.state, t.done, t.total, t.tries, t.problem, p.name AS by,
  t.added_at AS "addedAt", t.ended_at AS "endedAt"`;

export const taskView = <Row extends TaskRow>({ addedAt, endedAt, ...row }: Row) => ({
  ...row,
  addedAt: addedAt.toISOString(),
  endedAt: endedAt?.toISOString() ?? null,
});
