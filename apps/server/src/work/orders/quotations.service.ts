import type { AskPricesRequest, OrdersView, QuotationRequest } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CompanyService } from '../../firm/company/company.service.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction, runDetached } from '../../ground/database/work-context.js';
import { LiveNotices } from '../../ground/live/live-notices.service.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { Job } from '../jobs/job.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { Quotation } from './quotation.model.js';
import type { JsonText } from '../../ground/requests/sent.js';
import { ReadOrders } from './read-orders.js';
import { SupplierDesk } from './supplier-desk.js';

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
    private readonly reading: ReadOrders,
  ) {}

  /** Sends the request and answers at once: what comes back is written down when it comes. A request that was sent before asks nobody again. */
  async ask(
    jobId: string,
    { id, suppliers, ids, practice }: AskPricesRequest,
  ): Promise<JsonText<OrdersView>> {
    if (practice && !(await this.company.isDemo())) throw noPractice();
    const job = await this.jobs.findByPk(jobId, { attributes: ['id'] });
    if (!job) throw jobNotFound();
    const { currency } = await this.company.current();
    const asked = await inTransaction(this.sequelize, async () => {
      // Held, so that the same request sent twice at once asks once.
      await this.jobs.findByPk(jobId, { lock: true });
      if ((await this.quotations.count({ where: { requestId: id } })) > 0) return undefined;
      const lines = await this.draftLines(jobId, ids);
      const quotations: Quotation[] = [];
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
        quotations.push(quotation);
      }
      return { quotations, lines };
    });
    if (asked) {
      const request: QuotationRequest = {
        currency,
        lines: asked.lines.map(({ id: line, text, quantity }) => ({ line, text, quantity })),
        ...(practice && { practice }),
      };
      for (const quotation of asked.quotations) void runDetached(() => this.await(quotation, request));
    }
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

  /** Never throws: what goes wrong is written where the answer would be. */
  private async await(asked: Quotation, request: QuotationRequest): Promise<void> {
    const outcome = await this.desk.ask(asked.supplier, request).then(
      (answer) => ({ state: 'answered', answer }),
      (error: unknown) => ({
        state: 'failed',
        problem: error instanceof Error ? error.message : String(error),
      }),
    );
    // Where the server stops meanwhile, the request is shown as lost and can be asked again.
    await inTransaction(this.sequelize, async () => {
      await asked.update(outcome);
      await this.notices.tellTopic('quotes', { jobId: asked.jobId });
    }).catch(() => undefined);
  }
}

const noPractice = (): Refusal =>
  new Refusal(403, {
    code: 'not-allowed',
    field: 'practice',
    message: 'Practice faults are for the demo company. Leave practice out.',
  });
