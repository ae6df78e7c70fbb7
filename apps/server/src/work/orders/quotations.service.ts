import type { AskPricesRequest, OrdersView, QuotationRequest } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CompanyService } from '../../firm/company/company.service.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { LiveNotices } from '../../ground/live/live-notices.service.js';
import { Queue, type TaskRun } from '../../ground/queue/queue.service.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { Job } from '../jobs/job.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { Quotation } from './quotation.model.js';
import type { JsonText } from '../../ground/requests/sent.js';
import { ReadOrders } from './read-orders.js';
import { ConnectionLost, SupplierDesk } from './supplier-desk.js';

/** What a supplier is asked: the lines as they were then. */
interface Asked {
  quotationId: string;
  request: QuotationRequest;
}

/** Asks suppliers for prices, and keeps what they say. */
@Injectable()
export class QuotationsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    @InjectModel(Quotation) private readonly quotations: typeof Quotation,
    private readonly company: CompanyService,
    private readonly desk: SupplierDesk,
    private readonly log: ChangeLog,
    private readonly notices: LiveNotices,
    private readonly queue: Queue,
    private readonly reading: ReadOrders,
  ) {
    queue.does<Asked>('quote', (run) => this.await(run));
  }

  /** Sends the request and answers at once: what comes back is written down when it comes. A request that was sent before asks nobody again. */
  async ask(
    jobId: string,
    { id, suppliers, ids, practice }: AskPricesRequest,
  ): Promise<JsonText<OrdersView>> {
    if (practice && !(await this.company.isDemo())) throw noPractice();
    const job = await this.jobs.findByPk(jobId, { attributes: ['id'] });
    if (!job) throw jobNotFound();
    const { currency } = await this.company.current();
    await inTransaction(this.sequelize, async () => {
      // Held, so that the same request sent twice at once asks once.
      await this.jobs.findByPk(jobId, { lock: true });
      if ((await this.quotations.count({ where: { requestId: id } })) > 0) return;
      const lines = await this.draftLines(jobId, ids);
      const request: QuotationRequest = {
        currency,
        lines: lines.map(({ id: line, text, quantity }) => ({ line, text, quantity })),
        ...(practice && { practice }),
      };
      for (const supplier of suppliers) {
        const quotation = await this.quotations.create({
          requestId: id,
          jobId,
          supplier,
          lines: lines.map((line) => line.id),
          personId: currentPersonId(),
        });
        await this.log.record({
          kind: 'quote-request',
          jobId,
          subjectId: quotation.id,
          what: supplier,
          before: null,
          after: { lines: lines.length },
        });
        await this.queue.add('quote', supplier, { quotationId: quotation.id, request } satisfies Asked);
      }
    });
    return this.reading.of(jobId);
  }

  private async draftLines(jobId: string, ids: readonly string[]): Promise<OrderLine[]> {
    const drafts = await this.orders.findAll({ where: { jobId, state: 'draft' }, attributes: ['id'] });
    const lines = await this.lines.findAll({
      where: { id: [...ids], orderId: drafts.map(({ id }) => id) },
      order: [['place', 'ASC']],
    });
    if (lines.length < ids.length)
      throw new InvalidInput(
        'ids',
        `ids names ${ids.length - lines.length} lines that are not on a draft of this job.`,
      );
    return lines;
  }

  /** Asks a supplier, and writes down what came back: the answer, or what went wrong. A lost connection is tried again. */
  private async await({ given: { quotationId, request }, isLastTry, once }: TaskRun<Asked>): Promise<void> {
    const asked = await this.quotations.findOne({ where: { id: quotationId, state: 'asked' } });
    if (!asked) return;
    const outcome = await this.desk.ask(asked.supplier, request).then(
      (answer) => ({ state: 'answered' as const, answer }),
      (error: unknown) => {
        if (error instanceof ConnectionLost && !isLastTry) throw error;
        return { state: 'failed' as const, problem: error instanceof Error ? error.message : String(error) };
      },
    );
    await once(async () => {
      await asked.update(outcome);
      await this.notices.tellTopic('quotes', { jobId: asked.jobId });
    });
  }
}

const noPractice = (): Refusal =>
  new Refusal(403, {
    code: 'not-allowed',
    field: 'practice',
    message: 'Practice faults are for the demo company. Leave practice out.',
  });
