import { randomUUID } from 'node:crypto';
import type { OwnerAnswerRequest, OwnerItem, OwnerPageView } from '@grevik/contracts';
import { InvalidInput, type ValveSpec, orderLine, specOfModel, wholeAmounts } from '@grevik/core';
import type { Language } from '@grevik/words';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { secretKeyHash } from '../../ground/access/secret-key.js';
import { inCompany } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { EntriesService } from '../entries/entries.service.js';
import { OrdersService } from '../orders/orders.service.js';
import { Photo } from '../photos/photo.model.js';
import { Position } from '../positions/position.model.js';
import { PositionsService } from '../positions/positions.service.js';
import { OwnerAnswerRow } from './owner-answer.model.js';
import { OwnerPage } from './owner-page.model.js';

const MOST_MS = 30_000;
/** Longest text of an entry. */
const LONGEST = 2000;

/** What an owner sees and does with the link: everything is done for whoever made the page, and says who decided. */
@Injectable()
export class OwnerAnswers {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(OwnerPage) private readonly pages: typeof OwnerPage,
    @InjectModel(OwnerAnswerRow) private readonly answers: typeof OwnerAnswerRow,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Photo) private readonly photos: typeof Photo,
    private readonly picking: PositionsService,
    private readonly orders: OrdersService,
    private readonly entries: EntriesService,
    private readonly threads: WorkThreads,
    private readonly clusters: Clusters,
  ) {}

  /** The page of a key. */
  async show(key: string): Promise<OwnerPageView> {
    const page = await this.ofKey(key);
    const { madeAt, expiresAt, content } = page;
    return inCompany(page.companyId, async () => {
      const answers = await this.answers.findAll({ where: { pageId: page.id } });
      return {
        ...content,
        madeAt: madeAt.toISOString(),
        expiresAt: expiresAt.toISOString(),
        answers: answers.map(({ positionId, option, name, at }) => ({
          positionId,
          option,
          name,
          at: at.toISOString(),
        })),
      };
    });
  }

  /** A photo that the page shows. */
  async photo(key: string, photoId: string): Promise<Photo> {
    const page = await this.ofKey(key);
    const item = page.content.items.find(({ photos }) => photos.includes(photoId));
    const photo =
      item &&
      (await inCompany(page.companyId, () =>
        this.photos.findOne({ where: { id: photoId, positionId: item.positionId } }),
      ));
    if (!photo) throw new NotFoundException('This photo was not found.');
    return photo;
  }

  /** The page as a PDF. */
  async file(key: string, language: Language): Promise<Uint8Array> {
    const page = await this.show(key);
    const photos: Record<string, string> = {};
    for (const id of page.items.flatMap((item) => item.photos)) {
      const { type, content } = await this.photo(key, id);
      photos[id] = `data:${type};base64,${content.toString('base64')}`;
    }
    return this.threads.run(
      'writeOwnerFile',
      { page: JSON.stringify(page), photos, language },
      { sender: secretKeyHash(key), mostMs: MOST_MS, insteadOfLong: 'Print the page instead.' },
    );
  }

  /** Keeps what the owner decides: accepted it is picked and put on the job's order, refused it is written at the valve. Decided once. */
  async answer(key: string, { positionId, option, name }: OwnerAnswerRequest): Promise<OwnerPageView> {
    const page = await this.ofKey(key);
    const item = page.content.items.find((one) => one.positionId === positionId);
    if (!item || option >= item.options.length)
      throw new InvalidInput(
        'option',
        `option is ${option}: choose one that the page shows, or -1 for none.`,
      );
    await inCompany(
      page.companyId,
      () => inTransaction(this.sequelize, () => this.keep(page.id, item, { option, name: name.trim() })),
      { personId: page.madeBy },
    );
    return this.show(key);
  }

  private async keep(
    pageId: string,
    item: OwnerItem,
    { option, name }: Pick<OwnerAnswerRow, 'option' | 'name'>,
  ): Promise<void> {
    const page = await this.pages.findOne({ where: { id: pageId }, lock: true, rejectOnEmpty: true });
    const { positionId } = item;
    const before = await this.answers.findOne({ where: { pageId, positionId } });
    if (before?.option === option && before.name === name) return;
    if (before)
      throw new Refusal(409, {
        code: 'conflict',
        message: `${before.name} decided this already. Call ${page.content.companyName} to change it.`,
      });
    const chosen = item.options[option];
    const trouble = chosen ? await this.accept(page, item, chosen, name) : await this.refuse(item, name);
    await this.answers.create({ pageId, positionId, option, name, trouble });
  }

  /** Picks and orders it. @returns what could not be done by itself */
  private async accept(
    { jobId, content, madeAt }: OwnerPage,
    { positionId }: OwnerItem,
    { modelId, name: what, price }: OwnerItem['options'][number],
    name: string,
  ): Promise<string | null> {
    const position = await this.positions.findByPk(positionId);
    if (!position) return 'The position was removed in the meantime.';
    const say = wholeAmounts(content.currency);
    const reason = `Accepted by ${name} on the page of ${madeAt.toISOString().slice(0, 10)}: ${what}, ${say(price.whole)} in whole.`;
    try {
      await this.picking.pick(positionId, { version: position.version, modelId, reason });
    } catch (error) {
      if (error instanceof Refusal || error instanceof InvalidInput) return error.message;
      throw error;
    }
    const { text, spec } = await this.ordered(position, modelId);
    await this.orders.add(jobId, [
      { id: randomUUID(), text, spec, quantity: 1, positions: [positionId], note: `Accepted by ${name}` },
    ]);
    return null;
  }

  /** How the picked model is ordered for a position. */
  private async ordered(position: Position, modelId: string): Promise<{ spec: ValveSpec; text: string }> {
    const { model, size, duty } = await this.picking.pickable(position, modelId);
    const spec = specOfModel(model, size, duty, position.hookUp.accessories);
    return { spec, text: orderLine(spec).text };
  }

  private async refuse({ positionId, found, canHappen, ifNothing }: OwnerItem, name: string): Promise<null> {
    const told = `${name} was told, and wants nothing done: ${found} ${canHappen} ${ifNothing}`;
    await this.entries.add(positionId, {
      id: randomUUID(),
      kind: 'refused',
      text: told.slice(0, LONGEST),
      happenedAt: new Date().toISOString(),
    });
    return null;
  }

  private async ofKey(key: string): Promise<OwnerPage> {
    const page = await this.clusters.findOne(() =>
      this.pages.findOne({ where: { keyHash: secretKeyHash(key) } }),
    );
    if (!page || page.withdrawnAt !== null || page.expiresAt < new Date())
      throw new NotFoundException(
        'This link does not exist, was withdrawn or has run out. Ask the company that sent it for another one.',
      );
    return page;
  }
}
