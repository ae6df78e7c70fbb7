import { isDeepStrictEqual } from 'node:util';
import type { BudgetFile, BudgetRequest, BudgetView, Changed, LifeBasisView } from '@grevik/contracts';
import { type BudgetSettings, InvalidInput, type MovedByHand, STANDARD_BUDGET } from '@grevik/core';
import type { Language } from '@grevik/words';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CompanyService } from '../../firm/company/company.service.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { companyRows } from '../../ground/database/company-rows.js';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';
import { positionNotFound } from '../positions/position-not-found.js';
import { Position } from '../positions/position.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { Job } from '../jobs/job.model.js';
import type { BudgetFileTask } from './budget-files.js';
import { Budget } from './budget.model.js';
import { ServedValves } from './served-valves.service.js';

const MOST_MS = 60_000;
const MOST_MOVED = 20_000;

/** What of a budget is changed. */
interface BudgetKept {
  settings: BudgetSettings;
  moved: MovedByHand;
}

/** Budgets of replacements: of the company and of its jobs. */
@Injectable()
export class BudgetService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Budget) private readonly budgets: typeof Budget,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly company: CompanyService,
    private readonly served: ServedValves,
    private readonly threads: WorkThreads,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['budget', 'budget-of-job'], (change) => this.takeBack(change));
  }

  /** All that a budget is worked out from; until somebody changes it the standard settings stand. */
  async of(jobId: string | undefined): Promise<BudgetView> {
    await this.nameOf(jobId);
    const stored = await this.budgets.findOne({ where: { subjectId: subjectOf(jobId) } });
    const { currency } = await this.company.current();
    return {
      version: stored?.version ?? 0,
      settings: stored?.settings ?? STANDARD_BUDGET,
      moved: stored?.moved ?? {},
      currency,
      ...(await this.served.of(jobId)),
    };
  }

  /** What lives at a position are worked out from. */
  async lifeAt(positionId: string): Promise<LifeBasisView> {
    const position = await this.positions.findByPk(positionId, { attributes: ['id', 'jobId', 'lineId'] });
    if (!position) throw positionNotFound();
    const subjects = [position.jobId, currentCompanyId()];
    const [[company], served] = await Promise.all([
      // The job's own settings come before the company's.
      companyRows<{ currency: string; settings: BudgetSettings | null }>(
        this.sequelize,
        `SELECT c.currency, b.settings FROM companies c LEFT JOIN budgets b ON b.company_id = c.id AND b.subject_id IN (:subjects)
         WHERE c.id = :companyId ORDER BY b.subject_id = c.id LIMIT 1`,
        { subjects },
      ),
      this.served.at(position),
    ]);
    if (!company) throw positionNotFound();
    return { settings: company.settings ?? STANDARD_BUDGET, currency: company.currency, ...served };
  }

  /** Changes the budget in the version that was seen. */
  async change({ jobId, version, settings, moved }: BudgetRequest): Promise<Changed> {
    refuseOddMoves(moved, settings.years);
    const { id } = await inTransaction(this.sequelize, () =>
      this.replace(jobId, { settings, moved }, { version }),
    );
    return { changeId: id };
  }

  /** The budget as a sheet, or as a PDF to be signed. */
  async file(
    jobId: string | undefined,
    kind: BudgetFile,
    language: Language,
  ): Promise<{ name: string; file: Uint8Array }> {
    const name = await this.nameOf(jobId);
    const task: BudgetFileTask = {
      kind,
      language,
      title: name,
      companyName: (await this.company.current()).name,
      view: JSON.stringify(await this.of(jobId)),
      at: new Date().toISOString(),
    };
    const budget = {
      sender: currentCompanyId(),
      mostMs: MOST_MS,
      insteadOfLong: 'Ask for the budget of one job.',
    };
    return { name: `${name} budget.${kind}`, file: await this.threads.run('writeBudgetFile', task, budget) };
  }

  /** What the budget is of, by name. */
  async nameOf(jobId: string | undefined): Promise<string> {
    if (jobId === undefined) return (await this.company.current()).name;
    const job = await this.jobs.findByPk(jobId, { attributes: ['name'] });
    if (!job) throw jobNotFound();
    return job.name;
  }

  private async replace(
    jobId: string | undefined,
    kept: BudgetKept,
    { version, undoes }: { version?: number; undoes?: string },
  ): Promise<Change> {
    const what = await this.nameOf(jobId);
    const subjectId = subjectOf(jobId);
    await this.budgets.bulkCreate([{ subjectId, settings: STANDARD_BUDGET, moved: {}, version: 0 }], {
      ignoreDuplicates: true,
    });
    const stored = await this.budgets.findOne({ where: { subjectId }, lock: true, rejectOnEmpty: true });
    if (version !== undefined && stored.version !== version)
      throw new Refusal(409, {
        code: 'stale',
        field: 'version',
        message: 'This budget was changed by somebody else in the meantime. Reload it, then change it again.',
      });
    const change = await this.log.record({
      kind: jobId === undefined ? 'budget' : 'budget-of-job',
      jobId: jobId ?? null,
      subjectId,
      what,
      before: keptOf(stored),
      after: kept,
      ...(undoes !== undefined && { undoes }),
    });
    await stored.update({ ...kept, version: stored.version + 1 });
    return change;
  }

  private async takeBack({ id, jobId, before, after }: Change): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const stored = await this.budgets.findOne({
        where: { subjectId: subjectOf(jobId ?? undefined) },
        lock: true,
      });
      if (!stored || !isDeepStrictEqual(keptOf(stored), after))
        throw new Refusal(409, {
          code: 'stale',
          message: 'That budget was changed in the meantime. Change it by hand.',
        });
      await this.replace(jobId ?? undefined, before as BudgetKept, { undoes: id });
    });
  }
}

const subjectOf = (jobId: string | undefined): string => jobId ?? currentCompanyId();

const keptOf = ({ settings, moved }: Budget): BudgetKept => ({ settings, moved });

function refuseOddMoves(moved: MovedByHand, years: number): void {
  const entries = Object.entries(moved);
  if (entries.length > MOST_MOVED)
    throw new InvalidInput('moved', `moved has ${entries.length} valves: at most ${MOST_MOVED}.`);
  for (const [id, year] of entries)
    if (!Number.isInteger(year) || year < 0 || year > years)
      throw new InvalidInput(
        'moved',
        `moved.${id.slice(0, 40)} is ${JSON.stringify(year)?.slice(0, 40)}: give a year from 1 to ${years}, or 0 for never.`,
      );
}
