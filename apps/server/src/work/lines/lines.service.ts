import type { LineView } from '@grevik/contracts';
import { isDeepStrictEqual } from 'node:util';
import { type LineFacts, type Medium, type WalkItem, walkBeside } from '@grevik/core';
import { ConflictException, Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { UniqueConstraintError } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../../ground/database/company-rows.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { Job } from '../jobs/job.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { readPositions } from '../positions/read-positions.js';
import { lineNotFound } from './line-not-found.js';
import { Line } from './line.model.js';

@Injectable()
export class LinesService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Job) private readonly jobs: typeof Job,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['line-facts'], (change) => this.takeBack(change));
  }

  /** Begins a line of a job, behind those there are. */
  async add(jobId: string, name: string, medium: Medium): Promise<LineView> {
    try {
      const line = await inTransaction(this.sequelize, async () => {
        const job = await this.jobs.findByPk(jobId, { lock: true });
        if (!job) throw jobNotFound();
        const last = await this.lines.max<number | null, Line>('placeInJob', {
          where: { jobId },
        });
        const made = await this.lines.create({
          jobId,
          name: name.trim(),
          medium,
          placeInJob: (last ?? -1) + 1,
        });
        await this.log.record({
          kind: 'line',
          jobId,
          subjectId: made.id,
          what: made.name,
          before: null,
          after: { medium },
        });
        return made;
      });
      return await this.get(line.id);
    } catch (error) {
      if (error instanceof UniqueConstraintError)
        throw new ConflictException(`There is already a line called “${name.trim()}”. Enter another name.`);
      throw error;
    }
  }

  /** Changes what holds for a whole line, on the version that was seen. */
  async changeFacts(id: string, version: number, facts: LineFacts): Promise<LineView> {
    await inTransaction(this.sequelize, async () => {
      const line = await this.held(id);
      if (line.factsVersion !== version)
        throw new Refusal(409, {
          code: 'stale',
          message: `The facts of ${line.name} were changed since. Check them as they are now.`,
          current: { facts: line.facts, factsVersion: line.factsVersion },
        });
      await this.keepFacts(line, facts);
    });
    return this.get(id);
  }

  private async takeBack({ id, subjectId, before, after }: Change): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const line = await this.held(subjectId ?? '');
      if (!isDeepStrictEqual(line.facts, after))
        throw new Refusal(409, {
          code: 'conflict',
          message: `The facts of ${line.name} were changed since. Check them as they are now.`,
        });
      await this.keepFacts(line, before as LineFacts, id);
    });
  }

  private async keepFacts(line: Line, facts: LineFacts, undoes?: string): Promise<void> {
    await this.log.record({
      kind: 'line-facts',
      jobId: line.jobId,
      subjectId: line.id,
      what: line.name,
      before: line.facts,
      after: facts,
      ...(undoes !== undefined && { undoes }),
    });
    await line.update({ facts, factsVersion: line.factsVersion + 1 });
  }

  private async held(id: string): Promise<Line> {
    const line = await this.lines.findByPk(id, { lock: true });
    if (!line) throw lineNotFound();
    return line;
  }

  async get(id: string): Promise<LineView> {
    const [row] = await companyRows<LineRow>(
      this.sequelize,
      `SELECT l.id, l.job_id AS "jobId", l.name, l.medium, l.facts, l.facts_version AS "factsVersion", h.at AS "handedOverAt",
         coalesce(w.version, 0) AS "walkVersion", coalesce(w.items, '[]') AS items
       FROM lines l
         LEFT JOIN walks w ON w.company_id = l.company_id AND w.line_id = l.id
         LEFT JOIN hand_overs h ON h.company_id = l.company_id AND h.line_id = l.id
       WHERE l.company_id = :companyId AND l.id = :id`,
      { id },
    );
    if (!row) throw lineNotFound();
    const { walkVersion: version, items, handedOverAt, ...line } = row;
    const positions = await readPositions(this.sequelize, id, { facts: line.facts, items });
    return {
      ...line,
      handedOverAt: handedOverAt?.toISOString() ?? null,
      positions,
      // One that nobody has walked is its positions in a row.
      walk: {
        version,
        items: walkBeside(
          items,
          positions.map((position) => position.id),
        ),
      },
    };
  }
}

/** A line with its walk, as it is stored. */
interface LineRow extends Pick<LineView, 'id' | 'jobId' | 'name' | 'medium' | 'facts' | 'factsVersion'> {
  handedOverAt: Date | null;
  walkVersion: number;
  items: WalkItem[];
}
