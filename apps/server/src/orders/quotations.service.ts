import type { AskPricesRequest, OrdersView, QuotationRequest } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { CompanyService } from '../company/company.service.js';
import { currentPersonId } from '../company/company-scope.js';
import { Job } from '../jobs/job.model.js';
import { OrderLine } from './order-line.model.js';
import { Order } from './order.model.js';
import { Quotation } from './quotation.model.js';
import { ReadOrders, noJob } from './read-orders.js';
import { SupplierDesk } from './supplier-desk.js';

/** Asks suppliers for prices, and keeps what they say. */
@Injectable()
export class QuotationsService {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Order) private readonly orders: typeof Order,
    @InjectModel(OrderLine) private readonly lines: typeof OrderLine,
    @InjectModel(Quotation) private readonly quotations: typeof Quotation,
    private readonly company: CompanyService,
    private readonly desk: SupplierDesk,
    private readonly reading: ReadOrders,
  ) {}

  /** Sends the request and answers at once: what comes back is written down when it comes. */
  async ask(jobId: string, { suppliers, ids, practice }: AskPricesRequest): Promise<OrdersView> {
    if (!(await this.jobs.findByPk(jobId, { attributes: ['id'] }))) throw noJob();
    const lines = await this.draftLines(jobId, ids);
    const { currency } = await this.company.current();
    const request: QuotationRequest = {
      currency,
      lines: lines.map(({ id, text, quantity }) => ({ line: id, text, quantity })),
      ...(practice && { practice }),
    };
    for (const supplier of suppliers) {
      const asked = await this.quotations.create({
        jobId,
        supplier,
        lines: lines.map(({ id }) => id),
        personId: currentPersonId(),
      });
      void this.await(asked, supplier, request);
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
  private async await(asked: Quotation, supplier: string, request: QuotationRequest): Promise<void> {
    const outcome = await this.desk.ask(supplier, request).then(
      (answer) => ({ state: 'answered', answer }),
      (error: unknown) => ({
        state: 'failed',
        problem: error instanceof Error ? error.message : String(error),
      }),
    );
    // Where the server stops meanwhile, the request is shown as lost and can be asked again.
    await asked.update(outcome).catch(() => undefined);
  }
}
