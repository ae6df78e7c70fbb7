import {
  type DueAtPosition,
  type Interval,
  type Medium,
  type SetBy,
  type SetInterval,
  type Task,
  ownIntervalInput,
} from '@grevik/core';
import { IsISO8601, IsOptional, IsUUID, MaxLength } from 'class-validator';
import { Described } from './described.js';

/** Sets an interval for the company, a job or one position. */
export class IntervalRequest {
  @IsOptional()
  @IsUUID()
  jobId?: string;

  @IsOptional()
  @IsUUID()
  positionId?: string;

  @Described(ownIntervalInput)
  interval!: SetInterval;
}

/** An interval that was set in place of the usual one. */
export interface OwnIntervalView {
  id: string;
  task: Task;
  /** Null: it is not done. */
  every: Interval | null;
  because: string;
  setBy: SetBy;
  jobId: string | null;
  positionId: string | null;
  /** Tag, where it is of one position. */
  tag: string | null;
  by: string;
  at: string;
}

/** What is asked for: due until a day, of the company or one job. */
export class DueQuery {
  @IsISO8601({ strict: true })
  @MaxLength(10, { message: 'until must be a day, like 2026-12-31' })
  until!: string;

  @IsOptional()
  @IsUUID()
  jobId?: string;
}

/** A task that is due at a position. */
export interface DueView {
  positionId: string;
  tag: string;
  remarks: string;
  dn: number;
  jobId: string;
  jobName: string;
  lineId: string;
  lineName: string;
  medium: Medium;
  task: Task;
  /** `YYYY-MM-DD`; null where nobody knows when it was last done: it is due now. */
  dueOn: string | null;
  every: Interval;
  why: string;
  setBy: SetBy | null;
}

/** A valve that is not operated, with why it stands on the replacement list. */
export interface NotOperatedView {
  positionId: string;
  tag: string;
  jobId: string;
  lineId: string;
  why: NonNullable<DueAtPosition['doNotOperate']>;
}

export interface DueListView {
  /** The day it is asked, `YYYY-MM-DD`. */
  asOf: string;
  until: string;
  /** Tasks due until then, those before today, and positions they are at. */
  due: number;
  overdue: number;
  positions: number;
  /** The most urgent of them, at most 500. */
  tasks: DueView[];
  notOperated: NotOperatedView[];
}
