import { isDeepStrictEqual } from 'node:util';
import type { WalkListPreview, WalkListTaken } from '@grevik/contracts';
import type { WalkListCheck, KnownJob, WalkedPosition } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { Entry } from '../entries/entry.model.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { Job } from '../jobs/job.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { Line } from '../lines/line.model.js';
import { Position } from '../positions/position.model.js';
import { WorkThreads, listBudget } from '../../ground/threads/work-threads.service.js';

/** What a list brought, as the log keeps it: its positions, and the lines that were made for them. */
interface Brought {
  positionIds: string[];
  lineIds: string[];
}

/** A list and the job that it was checked against. */
interface CheckedList extends Pick<WalkListCheck, 'positions' | 'newLines'> {
  jobId: string;
  job: KnownJob;
}

/** So often a list is checked again because somebody changed the job meanwhile. */
const MOST_CHECKS = 3;

export const changedSince = (): Refusal =>
  new Refusal(409, {
    code: 'conflict',
    field: 'rows',
    message:
      'The job has changed since you checked the list, and other rows can be imported now. Check the list again.',
  });

@Injectable()
export class WalkListService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    private readonly threads: WorkThreads,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['walk-list'], (change) => this.takeBack(change));
  }

  /**
   * Adds the rows the person saw, together or not at all: where the job has changed since, nothing is added. The list is checked before the job
   * is held, so that a long one keeps nobody waiting; where the job has changed by then, it is checked again.
   */
  async take(jobId: string, text: string, seen: readonly number[]): Promise<WalkListTaken> {
    for (let attempt = 0; attempt < MOST_CHECKS; attempt += 1) {
      const added = await this.add(await this.checkSeen(jobId, text, seen));
      if (added) return added;
    }
    throw changedSince();
  }

  /** Checks a list against its job as it is now. @throws Refusal 409 where other rows could be added than the person saw */
  async checkSeen(jobId: string, text: string, seen: readonly number[]): Promise<CheckedList> {
    const job = await this.walkedJob(jobId);
    const { positions, newLines } = await this.check(text, job);
    const asked = new Set(seen);
    if (positions.length !== asked.size || positions.some(({ row }) => !asked.has(row))) throw changedSince();
    return { jobId, job, positions, newLines };
  }

  /** Adds the rows of a list that was checked; nothing, and undefined, where the job has changed since. */
  add({ jobId, job, positions, newLines }: CheckedList): Promise<WalkListTaken | undefined> {
    return inTransaction(this.sequelize, async () => {
      // The job's row is held, so that two lists cannot number the same places.
      await this.jobs.findByPk(jobId, { lock: true });
      return isDeepStrictEqual(await this.walkedJob(jobId), job)
        ? this.write(jobId, positions, newLines)
        : undefined;
    });
  }

  /** Takes a list back that was brought, where its positions are still as they came. Lines it made, and left empty, go with them. */
  private async takeBack({ id, jobId, what, after }: Change): Promise<void> {
    const { positionIds, lineIds } = after as Brought;
    await inTransaction(this.sequelize, async () => {
      await this.jobs.findByPk(jobId ?? '', { lock: true });
      // Held before they are looked at: nobody can write an entry at them meanwhile.
      const untouched = await this.positions.findAll({
        where: { id: positionIds, version: 0 },
        lock: true,
      });
      const written = await this.entries.count({ where: { positionId: positionIds } });
      if (untouched.length !== positionIds.length || written > 0)
        throw new Refusal(409, {
          code: 'conflict',
          message: 'Some of these positions were changed since, so the import cannot be undone.',
        });
      await this.positions.destroy({ where: { id: positionIds } });
      for (const lineId of lineIds) {
        if ((await this.positions.count({ where: { lineId } })) === 0)
          await this.lines.destroy({ where: { id: lineId } });
      }
      await this.log.record({
        kind: 'walk-list',
        jobId,
        positionId: null,
        what,
        before: after,
        after: null,
        undoes: id,
      });
    });
  }

  /** What importing a walk list would do, row by row. Changes nothing. In a thread: a long list takes a while. */
  async preview(jobId: string, text: string): Promise<WalkListPreview> {
    return this.check(text, await this.walkedJob(jobId));
  }

  private check(text: string, job: KnownJob): Promise<WalkListPreview> {
    return this.threads.run('checkWalkList', { text, job }, listBudget());
  }

  /** What of a job a list is checked against. */
  private async walkedJob(jobId: string): Promise<KnownJob> {
    const job = await this.jobs.findByPk(jobId, { attributes: ['id'] });
    if (!job) throw jobNotFound();
    const lines = await this.lines.findAll({
      where: { jobId },
      include: [{ model: Position, attributes: ['tag'] }],
      order: ['placeInJob', [{ model: Position, as: 'positions' }, 'placeOnLine', 'ASC']],
    });
    return {
      lines: lines.map(({ name, medium }) => ({ name, medium })),
      positions: lines.flatMap((line) => line.positions.map(({ tag }) => ({ tag, line: line.name }))),
    };
  }

  private async write(
    jobId: string,
    walked: readonly WalkedPosition[],
    newLines: WalkListCheck['newLines'],
  ): Promise<WalkListTaken> {
    const place = await nextPlace(this.lines, 'placeInJob', { jobId });
    const made = await this.lines.bulkCreate(
      newLines.map((line, index) => ({ ...line, jobId, placeInJob: place + index })),
    );
    const lines = await this.lines.findAll({ where: { jobId }, order: [['placeInJob', 'ASC']] });
    const touched: WalkListTaken['lines'] = [];
    const positionIds: string[] = [];
    for (const line of lines) {
      const own = walked.filter((position) => position.line === line.name);
      if (own.length === 0) continue;
      const after = await nextPlace(this.positions, 'placeOnLine', { lineId: line.id });
      const added = await this.positions.bulkCreate(
        own.map(({ tag, remarks, duty }, index) => ({
          jobId,
          lineId: line.id,
          tag,
          remarks,
          duty,
          placeOnLine: after + index,
        })),
      );
      touched.push({ id: line.id, name: line.name });
      positionIds.push(...added.map((position) => position.id));
    }
    const brought: Brought = { positionIds, lineIds: made.map((line) => line.id) };
    const what = touched.map(({ name }) => name).join(', ');
    await this.log.record({ kind: 'walk-list', jobId, positionId: null, what, before: null, after: brought });
    return { added: walked.length, lines: touched };
  }
}

/** The first free place after the last one taken: lists that were taken back leave gaps. */
async function nextPlace(
  model: typeof Line | typeof Position,
  place: 'placeInJob' | 'placeOnLine',
  where: { jobId: string } | { lineId: string },
): Promise<number> {
  const last = await (model as typeof Position).findOne({ where, order: [[place, 'DESC']] });
  return last ? Number(last.get(place)) + 1 : 0;
}
