import { isDeepStrictEqual } from 'node:util';
import type { ModelView } from '@grevik/contracts';
import type { CatalogueModel, ModelSize } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { UniqueConstraintError } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../database/work-context.js';
import { Refusal } from '../errors/refusal.js';
import { CatalogueModelRow } from './catalogue-model.model.js';
import { CatalogueSize } from './catalogue-size.model.js';

@Injectable()
export class CatalogueService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(CatalogueModelRow) private readonly models: typeof CatalogueModelRow,
    @InjectModel(CatalogueSize) private readonly sizes: typeof CatalogueSize,
  ) {}

  async list(): Promise<ModelView[]> {
    const rows = await this.models.findAll({
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

  /** Puts models in that are not there yet. */
  async add(models: readonly CatalogueModel[]): Promise<void> {
    for (const model of models) await this.create(model);
  }

  addOne(model: CatalogueModel): Promise<ModelView> {
    return this.named(model, () =>
      inTransaction(this.sequelize, async () => this.get(await this.create(model))),
    );
  }

  /** Replaces what a model says of itself; its id, and the picks of it, stay. */
  change(id: string, version: number, model: CatalogueModel): Promise<ModelView> {
    return this.named(model, () =>
      inTransaction(this.sequelize, async () => {
        await this.replace(await this.held(id, version), model);
        return this.get(id);
      }),
    );
  }

  /** Takes a model out of every line-up to come, or back into them. */
  retire(id: string, version: number, retired: boolean): Promise<ModelView> {
    return inTransaction(this.sequelize, async () => {
      const row = await this.held(id, version);
      await row.update({ retired, version: row.version + 1 });
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
    await this.add(adds);
    for (const { id, model } of changes) {
      const row = await this.models.findByPk(id, { lock: true });
      if (row) await this.replace(row, model);
    }
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
        message: `${row.maker} ${row.model} was changed meanwhile. Look at it as it is now, and put yours in again.`,
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
        message: `DN${twice.dn} is there twice. Keep one of them.`,
      });
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof UniqueConstraintError)) throw error;
      throw new Refusal(409, {
        code: 'conflict',
        field: 'model.model',
        message: `${maker} ${model} is in the catalogue already. Change that one, or give this one another name.`,
      });
    }
  }
}

const notHere = (): NotFoundException =>
  new NotFoundException('That valve is not in the catalogue any more. Look at the line-up again.');

/** Whether two models say the same, whatever stands first. */
export function sameModel(one: CatalogueModel, other: CatalogueModel): boolean {
  return isDeepStrictEqual(inOrder(one), inOrder(other));
}

const inOrder = ({ sizes, ...model }: CatalogueModel): unknown =>
  JSON.parse(JSON.stringify({ ...model, sizes: [...sizes].sort((a, b) => a.dn - b.dn) }));

function sizeRow(modelId: string, { dn, boreM, kv, price, breaks }: ModelSize): Record<string, unknown> {
  return {
    modelId,
    dn,
    boreM: boreM ?? null,
    kv: kv ?? null,
    priceCents: Math.round(price * 100),
    breaks: breaks ?? null,
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
      .map(({ dn, boreM, kv, priceCents, breaks }) => ({
        dn,
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
