import type { CatalogueFormat } from '@grevik/contracts';
import {
  type CatalogueModel,
  InvalidInput,
  type ReadSheet,
  catalogueModelInput,
  readCatalogueSheet,
} from '@grevik/core';
import Papa from 'papaparse';

const MOST_MODELS = 5_000;

export const modelName = ({ maker, model }: CatalogueModel): string => `${maker} ${model}`;
/** What no two models of a catalogue share. */
export const modelKey = ({ maker, model }: CatalogueModel): string => `${maker}\n${model}`;

/**
 * Reads a list of models: CSV as the catalogue writes it, or JSON.
 *
 * @throws InvalidInput where it is neither, or holds too many
 */
export async function readCatalogueList({
  format,
  text,
}: {
  format: CatalogueFormat;
  text: string;
}): Promise<ReadSheet> {
  const plain = text.replace(/^\uFEFF/, '');
  const read =
    format === 'json'
      ? readModels(plain)
      : readCatalogueSheet(Papa.parse<string[]>(plain, { skipEmptyLines: false }).data);
  if (read.models.length > MOST_MODELS)
    throw new InvalidInput(
      'text',
      `The list has ${read.models.length} models: import at most ${MOST_MODELS} at once.`,
    );
  return read;
}

/** Models of a JSON list; a row is the model's place in it, from 1. */
function readModels(text: string): ReadSheet {
  let list: unknown;
  try {
    list = JSON.parse(text);
  } catch {
    throw new InvalidInput(
      'text',
      'This is not a JSON file: import a list of models as the catalogue exports it.',
    );
  }
  if (!Array.isArray(list))
    throw new InvalidInput('text', 'Import a list of models as the catalogue exports it.');
  const read: ReadSheet = { models: [], problems: [], unread: [] };
  const named = new Set<string>();
  list.forEach((given: unknown, at) => {
    try {
      const model = catalogueModelInput.read(given, '');
      if (named.has(modelKey(model)))
        throw new InvalidInput('model', `${modelName(model)} appears twice: keep one.`);
      if (new Set(model.sizes.map(({ dn }) => dn)).size < model.sizes.length)
        throw new InvalidInput('sizes', `${modelName(model)} has a size twice: keep one.`);
      named.add(modelKey(model));
      read.models.push(model);
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      read.problems.push({ row: at + 1, column: error.field, message: error.message });
    }
  });
  return read;
}
