import type { WalkListPreview, WalkListTaken } from '@grevik/contracts';
import { type WalkListCheck, type WalkedPosition, checkWalkList } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Refusal } from '../errors/refusal.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Position } from '../positions/position.model.js';
import { readSheet } from './read-sheet.js';

@Injectable()
export class WalkListService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Position) private readonly positions: typeof Position,
  ) {}

  /** What taking a list would do, row by row. Changes nothing. */
  async preview(jobId: string, text: string): Promise<WalkListPreview> {
    const { rows, unread } = readSheet(text);
    return { ...(await this.check(jobId, rows)), unread };
  }

  /** Takes the rows the person saw, together or not at all: where the job has changed since, nothing is taken. */
  take(jobId: string, text: string, seen: readonly number[]): Promise<WalkListTaken> {
    const { rows } = readSheet(text);
    return this.sequelize.transaction(async (transaction) => {
      const { positions, newLines } = await this.check(jobId, rows, transaction);
      const good = positions.map(({ row }) => row);
      const asked = new Set(seen);
      if (good.length !== asked.size || good.some((row) => !asked.has(row))) {
        throw new Refusal(409, {
          code: 'conflict',
          field: 'rows',
          message:
            'The job has changed since you looked, and other rows can be taken now. Look at the list again.',
        });
      }
      return this.add(jobId, positions, newLines, transaction);
    });
  }

  private async check(
    jobId: string,
    rows: ReturnType<typeof readSheet>['rows'],
    transaction?: Transaction,
  ): Promise<WalkListCheck> {
    // The job's row is held while a list is taken, so that two lists can not number the same places.
    const job = await this.jobs.findByPk(jobId, {
      transaction,
      ...(transaction && { lock: transaction.LOCK.UPDATE }),
    });
    if (!job) throw new NotFoundException('That job is not here. Open the list of jobs.');
    const lines = await this.lines.findAll({
      where: { jobId },
      include: [{ model: Position, attributes: ['tag'] }],
      transaction,
    });
    const positions = lines.flatMap((line) => line.positions.map(({ tag }) => ({ tag, line: line.name })));
    return checkWalkList(rows, { lines: lines.map(({ name, medium }) => ({ name, medium })), positions });
  }

  private async add(
    jobId: string,
    walked: readonly WalkedPosition[],
    newLines: WalkListCheck['newLines'],
    transaction: Transaction,
  ): Promise<WalkListTaken> {
    const place = await this.lines.count({ where: { jobId }, transaction });
    await this.lines.bulkCreate(
      newLines.map((line, index) => ({ ...line, jobId, placeInJob: place + index })),
      { transaction },
    );
    const lines = await this.lines.findAll({ where: { jobId }, order: [['placeInJob', 'ASC']], transaction });
    const touched: WalkListTaken['lines'] = [];
    for (const line of lines) {
      const own = walked.filter((position) => position.line === line.name);
      if (own.length === 0) continue;
      const after = await this.positions.count({ where: { lineId: line.id }, transaction });
      await this.positions.bulkCreate(
        own.map(({ tag, remarks, duty }, index) => ({
          jobId,
          lineId: line.id,
          tag,
          remarks,
          duty,
          placeOnLine: after + index,
        })),
        { transaction },
      );
      touched.push({ id: line.id, name: line.name });
    }
    return { added: walked.length, lines: touched };
  }
}
