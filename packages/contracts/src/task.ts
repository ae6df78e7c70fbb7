import type { ArchiveTaken } from './archive.js';
import type { WalkListTaken } from './walk-list.js';

/** Work that goes on by itself, in the queue. */
export const TASK_KINDS = [
  'quote',
  'judge-jobs',
  'budget-file',
  'job-file',
  'job-import',
  'walk-list-import',
  'catalogue-import',
] as const;
export type TaskKind = (typeof TASK_KINDS)[number];

export const TASK_STATES = ['waiting', 'running', 'done', 'failed', 'cancelled'] as const;
export type TaskState = (typeof TASK_STATES)[number];

/** A task as the owner sees it. */
export interface TaskView {
  id: string;
  kind: TaskKind;
  /** What it is about: a supplier, the company. */
  what: string;
  state: TaskState;
  /** Parts that are done, of all; null where that is not known. */
  done: number;
  total: number | null;
  /** How often it was begun. */
  tries: number;
  /** Why it failed, or failed last. */
  problem: string | null;
  by: string | null;
  addedAt: string;
  endedAt: string | null;
}

/** What came of a task. */
export interface TaskResult {
  /** A job that was imported. */
  imported?: ArchiveTaken;
  /** What a walk list brought into a job. */
  walkList?: WalkListTaken & { jobId: string };
  /** How many models of a list were added, and changed. */
  models?: { adds: number; changes: number };
}

/** A task that somebody waits for. */
export interface OwnTaskView extends TaskView {
  result: TaskResult | null;
  /** The file that it made, for a day. */
  file: { name: string; bytes: number } | null;
}

/** A task that was added. */
export interface TaskAdded {
  taskId: string;
}
