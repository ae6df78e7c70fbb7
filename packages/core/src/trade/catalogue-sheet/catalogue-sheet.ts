import { InvalidInput } from '../../ground/input/index.js';
import { type CatalogueModel, catalogueModelInput } from '../../judgement/line-up/index.js';
import { SHEET_COLUMNS } from './columns.js';

/** Why a row of the sheet cannot be taken. */
export interface SheetProblem {
  /** As a spreadsheet numbers it: the heading is row 1. */
  row: number;
  column: string;
  message: string;
}

export interface ReadSheet {
  models: CatalogueModel[];
  problems: SheetProblem[];
  /** Columns that are not read. */
  unread: string[];
}

const NEEDED = ['maker', 'model', 'type', 'dn', 'price'];
const OF_SIZE = 'size.';
const same = (name: string): string => name.trim().toLowerCase();

/**
 * A catalogue as a sheet: the heading, then a row for each size of each model.
 *
 * @param models as the catalogue holds them
 *
 * @example
 * catalogueSheet([model])[1].slice(0, 3) // ['Ostrand', '21P', 'ball']
 */
export function catalogueSheet(models: readonly CatalogueModel[]): string[][] {
  return [
    SHEET_COLUMNS.map(({ name }) => name),
    ...models.flatMap((model) =>
      model.sizes.map((size) => SHEET_COLUMNS.map(({ write }) => write(model, size))),
    ),
  ];
}

/**
 * Reads a catalogue back from a sheet. A row that cannot be taken is named with its column and what would be right; a model with such a row is left
 * out whole, since half a model is no model.
 *
 * @param sheet heading and rows, as a CSV reader gives them
 * @throws InvalidInput where a needed column is missing
 *
 * @example
 * readCatalogueSheet(catalogueSheet(models)).models // equal to models
 */
export function readCatalogueSheet(sheet: readonly (readonly string[])[]): ReadSheet {
  const [heading = [], ...body] = sheet;
  const places = new Map(heading.map((name, at) => [same(name), at]));
  const missing = NEEDED.filter((name) => !places.has(name));
  if (missing.length > 0)
    throw new InvalidInput(
      'text',
      `The first row must name the columns; ${missing.join(', ')} ${missing.length > 1 ? 'are' : 'is'} missing.`,
    );
  const columns = SHEET_COLUMNS.flatMap((column) => {
    const at = places.get(same(column.name));
    return at === undefined ? [] : [{ ...column, at }];
  });
  const read = new Map<string, { row: number; cells: string; model: Record<string, unknown> }>();
  const problems: SheetProblem[] = [];
  const broken = new Set<string>();
  body.forEach((cells, index) => {
    if (cells.every((cell) => cell.trim() === '')) return;
    const row = index + 2;
    const shared: Record<string, unknown> = {};
    const size: Record<string, unknown> = {};
    for (const { field, at, read: valueOf } of columns) {
      const cell = (cells[at] ?? '').trim();
      if (cell === '') continue;
      if (field.startsWith(OF_SIZE)) size[field.slice(OF_SIZE.length)] = valueOf(cell);
      else shared[field] = valueOf(cell);
    }
    const key = `${String(shared['maker'])}\n${String(shared['model'])}`.toLowerCase();
    const first = read.get(key);
    const said = JSON.stringify(shared);
    try {
      catalogueModelInput.read({ ...shared, sizes: [size] }, '');
      if (first && first.cells !== said)
        throw new InvalidInput(
          'model',
          `It is described differently on row ${first.row}: make both rows the same.`,
        );
      if (first && (first.model['sizes'] as { dn: unknown }[]).some(({ dn }) => dn === size['dn']))
        throw new InvalidInput(
          'sizes[0].dn',
          `DN${String(size['dn'])} of this model appears twice: keep one row.`,
        );
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      const column = columnOf(error.field);
      // A list is spoken of by its columns, not by the fields of a model.
      const message = error.field === '' ? error.message : error.message.replaceAll(error.field, column);
      problems.push({ row, column, message });
      broken.add(key);
      return;
    }
    if (first) (first.model['sizes'] as unknown[]).push(size);
    else read.set(key, { row, cells: said, model: { ...shared, sizes: [size] } });
  });
  return {
    models: [...read]
      .filter(([key]) => !broken.has(key))
      .map(([, { model }]) => catalogueModelInput.read(model, '')),
    problems,
    unread: heading.filter(
      (name) => name.trim() !== '' && !columns.some((column) => same(column.name) === same(name)),
    ),
  };
}

/** The column a refused field stands in. */
function columnOf(path: string): string {
  const field = path.replace(/^sizes\[0\]\./, OF_SIZE);
  return (
    SHEET_COLUMNS.find((column) => field === column.field || field.startsWith(`${column.field}[`))?.name ??
    path
  );
}
