import type { CatalogueFormat, CatalogueListPreview, ModelView } from '@grevik/contracts';
import {
  type CatalogueModel,
  InvalidInput,
  type ReadSheet,
  catalogueModelInput,
  catalogueSheet,
  readCatalogueSheet,
} from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import Papa from 'papaparse';
import { csvText } from '../sheets/csv-text.js';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../database/work-context.js';
import { Refusal } from '../errors/refusal.js';
import { CatalogueService, plainModel, sameModel } from './catalogue.service.js';

const MOST_MODELS = 5_000;

interface Plan {
  adds: CatalogueModel[];
  changes: { id: string; model: CatalogueModel }[];
  same: number;
}

/** The catalogue out to a list, and a list into the catalogue. */
@Injectable()
export class CatalogueListService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly catalogue: CatalogueService,
  ) {}

  async write(format: CatalogueFormat): Promise<string> {
    const models = (await this.catalogue.list()).map(plainModel);
    return format === 'json' ? JSON.stringify(models, null, 2) : csvText(catalogueSheet(models));
  }

  /** What taking a list would do, row by row. Changes nothing. */
  async preview(format: CatalogueFormat, text: string): Promise<CatalogueListPreview> {
    const read = readList(format, text);
    return seen(planFor(read.models, await this.catalogue.list()), read);
  }

  /** Takes what the person saw, together or not at all: where the catalogue has changed since, nothing is taken. */
  take(
    format: CatalogueFormat,
    text: string,
    { adds, changes }: { adds: number; changes: number },
  ): Promise<CatalogueListPreview> {
    const read = readList(format, text);
    return inTransaction(this.sequelize, async () => {
      const plan = planFor(read.models, await this.catalogue.list());
      if (plan.adds.length !== adds || plan.changes.length !== changes)
        throw new Refusal(409, {
          code: 'conflict',
          field: 'adds',
          message: 'The catalogue has changed since you looked. Look at the list again.',
        });
      await this.catalogue.take(plan);
      return seen(plan, read);
    });
  }
}

const nameOf = ({ maker, model }: CatalogueModel): string => `${maker} ${model}`;
const key = (model: CatalogueModel): string => `${model.maker}\n${model.model}`;

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

function seen({ adds, changes, same }: Plan, { problems, unread }: ReadSheet): CatalogueListPreview {
  return {
    adds: adds.map(nameOf),
    changes: changes.map(({ model }) => nameOf(model)),
    same,
    problems,
    unread,
  };
}

function readList(format: CatalogueFormat, text: string): ReadSheet {
  const plain = text.replace(/^\uFEFF/, '');
  const read =
    format === 'json'
      ? readModels(plain)
      : readCatalogueSheet(Papa.parse<string[]>(plain, { skipEmptyLines: false }).data);
  if (read.models.length > MOST_MODELS)
    throw new InvalidInput(
      'text',
      `There are ${read.models.length} models in it: give at most ${MOST_MODELS}.`,
    );
  return read;
}

/** Models of a JSON list; a row is the model's place in it, from 1. */
function readModels(text: string): ReadSheet {
  let list: unknown;
  try {
    list = JSON.parse(text);
  } catch {
    throw new InvalidInput('text', 'This is no JSON: give a list of models as the catalogue writes it.');
  }
  if (!Array.isArray(list))
    throw new InvalidInput('text', 'Give a list of models as the catalogue writes it.');
  const read: ReadSheet = { models: [], problems: [], unread: [] };
  const named = new Set<string>();
  list.forEach((given: unknown, at) => {
    try {
      const model = catalogueModelInput.read(given, '');
      if (named.has(key(model)))
        throw new InvalidInput('model', `${nameOf(model)} is there twice: keep one.`);
      if (new Set(model.sizes.map(({ dn }) => dn)).size < model.sizes.length)
        throw new InvalidInput('sizes', `${nameOf(model)} has a size twice: keep one.`);
      named.add(key(model));
      read.models.push(model);
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      read.problems.push({ row: at + 1, column: error.field, message: error.message });
    }
  });
  return read;
}
