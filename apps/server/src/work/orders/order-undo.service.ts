import { isDeepStrictEqual } from 'node:util';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { OrderDrafts } from './order-drafts.service.js';
import { OrderLine } from './order-line.model.js';
import { OrderLocks, refuseUnlessDraft } from './order-locks.service.js';
import { type KeptLine, type LineSaid, lineSaid, linesSaid } from './kept-line.js';

/** Takes changes of order lines back, where the lines are still as the change left them and have not been sent. */
@Injectable()
export class OrderUndo {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    private readonly locks: OrderLocks,
    private readonly drafts: OrderDrafts,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['order-add', 'order-remove'], (change) =>
      inTransaction(this.sequelize, () => this.flip(change)),
    );
    log.takesBack(['order-change'], (change) => inTransaction(this.sequelize, () => this.changeBack(change)));
  }

  /** Lines that were added go, and lines that were removed come: whichever the change, and its own undoing, was. */
  private async flip({ id, jobId, kind, before, after }: Change): Promise<void> {
    const job = jobId ?? '';
    await this.locks.job(job);
    const came = after as { ids: string[] } | null;
    if (came) {
      const now = await this.lines.findAll({ where: { id: came.ids } });
      if (now.length !== came.ids.length || (kind === 'order-add' && now.some(({ version }) => version > 0)))
        throw changedSince();
      const removed = await this.drafts.remove(job, came.ids);
      await this.log.record({
        kind,
        jobId: job,
        what: linesSaid(removed),
        before: { lines: removed },
        after: null,
        undoes: id,
      });
      return;
    }
    const { lines } = before as { lines: KeptLine[] };
    for (const supplier of new Set(lines.map((line) => line.supplier))) {
      const back = lines.filter((line) => line.supplier === supplier);
      // A version never goes back.
      const raised = back.map(({ spec, ...line }) => ({
        ...line,
        ...(spec && { spec }),
        version: line.version + 1,
      }));
      const added = await this.drafts.insert(job, supplier, raised, false);
      if (added?.length !== back.length) throw changedSince();
    }
    await this.log.record({
      kind,
      jobId: job,
      what: linesSaid(lines),
      before: null,
      after: { ids: lines.map((line) => line.id) },
      undoes: id,
    });
  }

  private async changeBack({ id, subjectId, before, after }: Change): Promise<void> {
    const { line, order } = await this.locks.line(subjectId ?? '');
    refuseUnlessDraft(order);
    if (!isDeepStrictEqual(lineSaid(line), after)) throw changedSince();
    await line.update({ ...(before as LineSaid), version: line.version + 1 });
    await this.locks.raise(order);
    await this.log.record({
      kind: 'order-change',
      jobId: order.jobId,
      subjectId: line.id,
      what: line.text,
      before: after,
      after: before,
      undoes: id,
    });
  }
}

const changedSince = (): Refusal =>
  new Refusal(409, {
    code: 'stale',
    message: 'These order lines were changed since. Check them as they are now, and change them by hand.',
  });
