import type { ModelView } from '@grevik/contracts';
import type { CatalogueModel, ModelSize } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import { CatalogueModelRow } from './catalogue-model.model.js';
import { CatalogueSize } from './catalogue-size.model.js';

@Injectable()
export class CatalogueService {
  constructor(
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
    const row = await this.models.findByPk(id, { include: [CatalogueSize] });
    if (!row)
      throw new NotFoundException('That valve is not in the catalogue any more. Look at the line-up again.');
    return viewOf(row);
  }

  async add(models: readonly CatalogueModel[], transaction: Transaction): Promise<void> {
    for (const { maker, model, type, sizes, ...details } of models) {
      const row = await this.models.create({ maker, model, type, details }, { transaction });
      await this.sizes.bulkCreate(
        sizes.map((size) => sizeRow(row.id, size)),
        { transaction },
      );
    }
  }
}

function sizeRow(
  modelId: string,
  { dn, boreM, kv, price }: ModelSize,
): Record<string, string | number | null> {
  return { modelId, dn, boreM: boreM ?? null, kv: kv ?? null, priceCents: Math.round(price * 100) };
}

function viewOf({ id, maker, model, type, details, sizes }: CatalogueModelRow): ModelView {
  return {
    id,
    maker,
    model,
    type,
    ...details,
    sizes: [...sizes]
      .sort((a, b) => a.dn - b.dn)
      .map(({ dn, boreM, kv, priceCents }) => ({
        dn,
        ...(boreM !== null && { boreM }),
        ...(kv !== null && { kv }),
        price: priceCents / 100,
      })),
  };
}
