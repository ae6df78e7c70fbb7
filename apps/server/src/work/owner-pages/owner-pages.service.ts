import type {
  NewOwnerPage,
  OwnerItem,
  OwnerItemRequest,
  OwnerPageListing,
  OwnerPageRequest,
} from '@grevik/contracts';
import {
  InvalidInput,
  currencyDecimals,
  modelWords,
  ownerPrice,
  priceEach,
  typeFound,
  valveFailure,
} from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CompanyService } from '../../firm/company/company.service.js';
import { Person } from '../../firm/people/person.model.js';
import { newSecretKey, secretKeyHash } from '../../ground/access/secret-key.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Photo } from '../photos/photo.model.js';
import { positionNotFound } from '../positions/position-not-found.js';
import { Position } from '../positions/position.model.js';
import { PositionsService } from '../positions/positions.service.js';
import { OwnerPage, type OwnerPageContent } from './owner-page.model.js';

const DAY_MS = 24 * 3600 * 1000;
const SHOWN = 50;

/** Pages for owners, as the company makes and withdraws them. */
@Injectable()
export class OwnerPages {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(OwnerPage) private readonly pages: typeof OwnerPage,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Photo) private readonly photos: typeof Photo,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly company: CompanyService,
    private readonly judged: PositionsService,
    private readonly log: ChangeLog,
  ) {}

  /** Pages that show a position, the newest first. */
  async ofPosition(positionId: string): Promise<OwnerPageListing[]> {
    const position = await this.positions.findByPk(positionId, { attributes: ['jobId'] });
    if (!position) throw positionNotFound();
    const pages = await this.pages.findAll({
      where: { jobId: position.jobId, content: { [Op.contains]: { items: [{ positionId }] } } },
      include: ['answers'],
      order: [['madeAt', 'DESC']],
      limit: SHOWN,
    });
    return pages.map(listing);
  }

  /** Makes a page as things stand now. Its key is in this answer and nowhere else. */
  async make(positionId: string, request: OwnerPageRequest): Promise<NewOwnerPage> {
    const { id, items, taxRate, days } = request;
    const first = await this.positions.findByPk(positionId, { attributes: ['jobId'] });
    if (!first) throw positionNotFound();
    if (items[0]?.positionId !== positionId)
      throw new InvalidInput(
        'items[0].positionId',
        'items[0].positionId must be the position that the page is made at.',
      );
    const { name: companyName, currency } = await this.company.current();
    const places = currencyDecimals(currency);
    const job = await this.jobs.findByPk(first.jobId, { rejectOnEmpty: true });
    const shown: OwnerItem[] = [];
    for (const [at, item] of items.entries())
      shown.push(await this.item(item, { at, jobId: job.id, taxRate, places }));
    const maker = await this.people.findOne({ where: { id: currentPersonId() }, rejectOnEmpty: true });
    const content: OwnerPageContent = {
      companyName,
      jobName: job.name,
      currency,
      taxRate: taxRate ?? null,
      madeBy: maker.name,
      items: shown,
    };
    const key = newSecretKey();
    const page = await inTransaction(this.sequelize, async () => {
      if (await this.pages.count({ where: { id } }))
        throw new Refusal(409, {
          code: 'conflict',
          field: 'id',
          message: 'This page was made already. Make another one: its link was shown once.',
        });
      const made = await this.pages.create({
        id,
        jobId: job.id,
        content,
        keyHash: secretKeyHash(key),
        madeBy: maker.id,
        expiresAt: new Date(Date.now() + days * DAY_MS),
      });
      await this.record(made, 'made');
      return made;
    });
    page.answers = [];
    return { ...listing(page), key };
  }

  /** The link opens nothing from now on. */
  async withdraw(id: string): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const page = await this.pages.findOne({ where: { id }, lock: true });
      if (!page) throw new NotFoundException('This page was not found.');
      if (page.withdrawnAt) return;
      await page.update({ withdrawnAt: new Date() });
      await this.record(page, 'withdrawn');
    });
  }

  private async item(
    { positionId, found, canHappen, ifNothing, photos = [], options }: OwnerItemRequest,
    {
      at,
      jobId,
      taxRate,
      places,
    }: { at: number; jobId: string; taxRate: number | undefined; places: number },
  ): Promise<OwnerItem> {
    const position = await this.positions.findOne({ where: { id: positionId, jobId } });
    if (!position) throw positionNotFound();
    const { medium } = await this.lines.findByPk(position.lineId, { rejectOnEmpty: true });
    const own = await this.photos.count({ where: { positionId, id: photos } });
    if (own !== new Set(photos).size)
      throw new InvalidInput(
        `items[${at}].photos`,
        `items[${at}].photos has photos of other positions: choose from its own.`,
      );
    const priced = [];
    for (const { modelId, parts, hours, hourlyRate } of options) {
      const { model, size } = await this.judged.pickable(position, modelId);
      priced.push({
        modelId: model.id,
        type: model.type,
        name: `${modelWords(model).name}, ${modelWords(model).from}`,
        hours,
        price: ownerPrice({ valve: priceEach(size, 1), parts, hours, hourlyRate, taxRate }, places),
      });
    }
    return {
      positionId,
      tag: position.tag,
      place: position.remarks,
      medium,
      type: typeFound(position.condition) ?? null,
      failure: valveFailure(position.condition, medium) ?? null,
      found: found.trim(),
      canHappen: canHappen.trim(),
      ifNothing: ifNothing.trim(),
      photos,
      options: priced,
    };
  }

  private record({ id, jobId, content }: OwnerPage, after: string): Promise<unknown> {
    const [first] = content.items;
    return this.log.record({
      kind: 'owner-page',
      jobId,
      positionId: first?.positionId ?? null,
      subjectId: id,
      what: first?.tag ?? '',
      before: null,
      after: { page: after },
    });
  }
}

const listing = ({ id, madeAt, content, expiresAt, withdrawnAt, answers }: OwnerPage): OwnerPageListing => ({
  id,
  madeAt: madeAt.toISOString(),
  madeBy: content.madeBy,
  expiresAt: expiresAt.toISOString(),
  withdrawnAt: withdrawnAt?.toISOString() ?? null,
  tags: content.items.map(({ tag }) => tag),
  answers: answers.map(({ positionId, option, name, at, trouble }) => ({
    positionId,
    option,
    name,
    at: at.toISOString(),
    trouble,
  })),
});
