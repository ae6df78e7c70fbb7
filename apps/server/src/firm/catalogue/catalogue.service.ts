import { isDeepStrictEqual } from 'node:util';
import type { ModelView } from '@grevik/contracts';
import type { CatalogueModel, ModelSize } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { UniqueConstraintError, type WhereOptions } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { CatalogueModelRow } from './catalogue-model.model.js';
import { CatalogueSize } from './catalogue-size.model.js';

@Injectable()
export class CatalogueService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(CatalogueModelRow) private readonly models: typeof CatalogueModelRow,
    @InjectModel(CatalogueSize) private readonly sizes: typeof CatalogueSize,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['model-change', 'model-retire'], (change) => this.takeBack(change));
  }

  /** @param where only these; all unless given */
  async list(where?: WhereOptions): Promise<ModelView[]> {
    const rows = await this.models.findAll({
      ...(where && { where }),
      include: [CatalogueSize],
      order: [
        ['maker', 'ASC'],
        ['model', 'ASC'],
      ],
    });
    return rows.map(viewOf);
  }

  async get(id: string): Promise<ModelView> {
    const row = await this.models.findByPk(id, {
      include: [CatalogueSize],
    });
    if (!row) throw notHere();
    return viewOf(row);
  }

  /** The ids of models by maker and model; what the catalogue does not have yet is added, its own models stay as they are. */
  async idsOf(models: readonly CatalogueModel[]): Promise<ReadonlyMap<string, string>> {
    const known = async (): Promise<Map<string, string>> =>
      new Map((await this.models.findAll()).map(({ id, maker, model }) => [`${maker}\n${model}`, id]));
    const before = await known();
    await this.add(models.filter(({ maker, model }) => !before.has(`${maker}\n${model}`)));
    return known();
  }

  /** Puts models in that are not there yet. */
  async add(models: readonly CatalogueModel[]): Promise<void> {
    for (const model of models) await this.create(model);
  }

  addOne(model: CatalogueModel): Promise<ModelView> {
    return this.named(model, () =>
      inTransaction(this.sequelize, async () => {
        const id = await this.create(model);
        await this.log.record({
          kind: 'model-add',
          subjectId: id,
          what: nameOf(model),
          before: null,
          after: model,
        });
        return this.get(id);
      }),
    );
  }

  /** Replaces what a model says of itself; its id, and the picks of it, stay. */
  change(id: string, version: number, model: CatalogueModel): Promise<ModelView> {
    return this.named(model, () =>
      inTransaction(this.sequelize, async () => {
        await this.replaceSigned(await this.held(id, version), model);
        return this.get(id);
      }),
    );
  }

  /** Takes a model out of every line-up to come, or back into them. */
  retire(id: string, version: number, retired: boolean): Promise<ModelView> {
    return inTransaction(this.sequelize, async () => {
      await this.retireSigned(await this.held(id, version), retired);
      return this.get(id);
    });
  }

  /** Adds what is new and changes what differs, together or not at all. */
  async take({
    adds,
    changes,
  }: {
    adds: readonly CatalogueModel[];
    changes: readonly { id: string; model: CatalogueModel }[];
  }): Promise<void> {
    const before: CatalogueModel[] = [];
    await this.add(adds);
    for (const { id, model } of changes) {
      const row = await this.models.findByPk(id, { lock: true });
      if (!row) continue;
      before.push(plainModel(await this.get(id)));
      await this.replace(row, model);
    }
    await this.log.record({
      kind: 'model-list',
      what: [...adds, ...changes.map(({ model }) => model)].map(nameOf).join(', '),
      before,
      after: [...adds, ...changes.map(({ model }) => model)],
    });
  }

  private async takeBack({ id, kind, subjectId, before, after }: Change): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      const now = await this.get(subjectId ?? '');
      const row = await this.held(now.id, now.version);
      if (kind === 'model-retire') {
        if (row.retired !== after) throw changedSince(row);
        await this.retireSigned(row, before as boolean, id);
      } else {
        if (!sameModel(plainModel(now), after as CatalogueModel)) throw changedSince(row);
        await this.replaceSigned(row, before as CatalogueModel, id);
      }
    });
  }

  private async replaceSigned(row: CatalogueModelRow, model: CatalogueModel, undoes?: string): Promise<void> {
    const before = plainModel(await this.get(row.id));
    await this.replace(row, model);
    await this.log.record({
      kind: 'model-change',
      subjectId: row.id,
      what: nameOf(model),
      before,
      after: model,
      ...(undoes !== undefined && { undoes }),
    });
  }

  private async retireSigned(row: CatalogueModelRow, retired: boolean, undoes?: string): Promise<void> {
    await this.log.record({
      kind: 'model-retire',
      subjectId: row.id,
      what: nameOf(row),
      before: row.retired,
      after: retired,
      ...(undoes !== undefined && { undoes }),
    });
    await row.update({ retired, version: row.version + 1 });
  }

  private async create({ maker, model, type, sizes, ...details }: CatalogueModel): Promise<string> {
    const row = await this.models.create({ maker, model, type, details });
    await this.keepSizes(row.id, sizes);
    return row.id;
  }

  private async replace(
    row: CatalogueModelRow,
    { maker, model, type, sizes, ...details }: CatalogueModel,
  ): Promise<void> {
    await row.update({ maker, model, type, details, version: row.version + 1 });
    await this.sizes.destroy({ where: { modelId: row.id } });
    await this.keepSizes(row.id, sizes);
  }

  private async keepSizes(modelId: string, sizes: readonly ModelSize[]): Promise<void> {
    await this.sizes.bulkCreate(sizes.map((size) => sizeRow(modelId, size)));
  }

  /** A model in the version that was seen, which nobody else can change until the transaction ends. */
  private async held(id: string, version: number): Promise<CatalogueModelRow> {
    const row = await this.models.findByPk(id, { lock: true });
    if (!row) throw notHere();
    if (row.version !== version)
      throw new Refusal(409, {
        code: 'stale',
        field: 'version',
        message: `${row.maker} ${row.model} was changed by somebody else in the meantime. Reload it, then enter your change again.`,
        current: await this.get(id),
      });
    return row;
  }

  /** A maker's model stands in the catalogue once, and a size in a model. */
  private async named<T>({ maker, model, sizes }: CatalogueModel, work: () => Promise<T>): Promise<T> {
    const twice = sizes.find(({ dn }, at) => sizes.findIndex((size) => size.dn === dn) !== at);
    if (twice)
      throw new Refusal(400, {
        code: 'invalid-input',
        field: 'model.sizes',
        message: `DN${twice.dn} appears twice. Keep one of them.`,
      });
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof UniqueConstraintError)) throw error;
      throw new Refusal(409, {
        code: 'conflict',
        field: 'model.model',
        message: `${maker} ${model} is already in the catalogue. Change that model, or give this one another name.`,
      });
    }
  }
}

const nameOf = ({ maker, model }: { maker: string; model: string }): string => `${maker} ${model}`;

const changedSince = (row: CatalogueModelRow): Refusal =>
  new Refusal(409, {
    code: 'stale',
    message: `${nameOf(row)} was changed since. Check it as it is now, and change it by hand.`,
  });

const notHere = (): NotFoundException =>
  new NotFoundException('That model is no longer in the catalogue. Reload the line-up.');

/** Whether two models say the same, whatever stands first. */
export function sameModel(one: CatalogueModel, other: CatalogueModel): boolean {
  return isDeepStrictEqual(inOrder(one), inOrder(other));
}

const inOrder = ({ sizes, ...model }: CatalogueModel): unknown =>
  JSON.parse(JSON.stringify({ ...model, sizes: [...sizes].sort((a, b) => a.dn - b.dn) }));

function sizeRow(
  modelId: string,
  { dn, boreM, kv, price, breaks, ...own }: ModelSize,
): Record<string, unknown> {
  return {
    modelId,
    dn,
    boreM: boreM ?? null,
    kv: kv ?? null,
    priceCents: Math.round(price * 100),
    breaks: breaks ?? null,
    own: Object.keys(own).length > 0 ? own : null,
  };
}

function viewOf({ id, maker, model, type, details, sizes, version, retired }: CatalogueModelRow): ModelView {
  return {
    id,
    version,
    retired,
    maker,
    model,
    type,
    ...details,
    sizes: [...sizes]
      .sort((a, b) => a.dn - b.dn)
      .map(({ dn, boreM, kv, priceCents, breaks, own }) => ({
        dn,
        ...own,
        ...(boreM !== null && { boreM }),
        ...(kv !== null && { kv }),
        price: priceCents / 100,
        ...(breaks && { breaks }),
      })),
  };
}

/** A model without what the company holds beside it. */
export function plainModel({
  id: _id,
  version: _version,
  retired: _retired,
  ...model
}: ModelView): CatalogueModel {
  return model;
}
