import type { CatalogueFormat, CatalogueListPreview, ModelView } from '@grevik/contracts';
import { type CatalogueModel, type ReadSheet, catalogueSheet } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { csvText } from '../../ground/sheets/csv-text.js';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { WorkThreads, listBudget } from '../../ground/threads/work-threads.service.js';
import { CatalogueService, plainModel, sameModel } from './catalogue.service.js';
import { modelKey as key, modelName as nameOf } from './read-catalogue-list.js';

interface Plan {
  adds: CatalogueModel[];
  changes: { id: string; model: CatalogueModel }[];
  same: number;
}

/** How many models the person saw would be added, and changed. */
export interface Seen {
  adds: number;
  changes: number;
}

/** The catalogue out to a list, and a list into the catalogue. */
@Injectable()
export class CatalogueListService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly catalogue: CatalogueService,
    private readonly threads: WorkThreads,
  ) {}

  async write(format: CatalogueFormat): Promise<string> {
    const models = (await this.catalogue.list()).map(plainModel);
    return format === 'json' ? JSON.stringify(models, null, 2) : csvText(catalogueSheet(models));
  }

  /** What importing a list of models would do. Changes nothing. */
  async preview(format: CatalogueFormat, text: string): Promise<CatalogueListPreview> {
    const read = await this.read(format, text);
    return previewOf(planFor(read.models, await this.catalogue.list()), read);
  }

  /** Takes what the person saw, together or not at all: where the catalogue has changed since, nothing is taken. */
  async take(format: CatalogueFormat, text: string, seen: Seen): Promise<CatalogueListPreview> {
    return this.takeRead(await this.read(format, text), seen);
  }

  /** Takes a list that was read. */
  async takeRead(read: ReadSheet, { adds, changes }: Seen): Promise<CatalogueListPreview> {
    return inTransaction(this.sequelize, async () => {
      const plan = planFor(read.models, await this.catalogue.list());
      if (plan.adds.length !== adds || plan.changes.length !== changes)
        throw new Refusal(409, {
          code: 'conflict',
          field: 'adds',
          message: 'The catalogue has changed since you checked the list. Check it again.',
        });
      await this.catalogue.take(plan);
      return previewOf(plan, read);
    });
  }

  /** Reads a list, in a thread: a long one takes a while. */
  read(format: CatalogueFormat, text: string): Promise<ReadSheet> {
    return this.threads.run('readCatalogueList', { format, text }, listBudget());
  }
}

function planFor(models: readonly CatalogueModel[], held: readonly ModelView[]): Plan {
  const byKey = new Map(held.map((model) => [key(model), model]));
  const plan: Plan = { adds: [], changes: [], same: 0 };
  for (const model of models) {
    const before = byKey.get(key(model));
    if (!before) plan.adds.push(model);
    else if (sameModel(plainModel(before), model)) plan.same += 1;
    else plan.changes.push({ id: before.id, model });
  }
  return plan;
}

function previewOf({ adds, changes, same }: Plan, { problems, unread }: ReadSheet): CatalogueListPreview {
  return {
    adds: adds.map(nameOf),
    changes: changes.map(({ model }) => nameOf(model)),
    same,
    problems,
    unread,
  };
}
