import type { CatalogueModel, ModelSize } from '../../judgement/line-up/index.js';

/** A column of the catalogue's sheet: what it says of a model in one size, and how a cell becomes a value again. */
export interface SheetColumn {
  name: string;
  /** Where the value stands in a model, as a refusal names it; `size.` for what a size has of its own. */
  field: string;
  write(model: CatalogueModel, size: ModelSize): string;
  read(cell: string): unknown;
}

const WITHIN = ';';
const plain = (cell: string): unknown => cell;
/** A number as it is typed, or the text itself, so that the refusal shows it. */
const figure = (cell: string): unknown => {
  const value = Number(cell.replace(',', '.'));
  return Number.isFinite(value) ? value : cell;
};
const flag = (cell: string): unknown => {
  const said = cell.toLowerCase();
  return said === 'yes' || said === 'true' ? true : said === 'no' || said === 'false' ? false : cell;
};
const parts = (cell: string): string[] =>
  cell
    .split(WITHIN)
    .map((part) => part.trim())
    .filter((part) => part !== '');
const shown = (value: unknown): string =>
  value === undefined
    ? ''
    : value === true
      ? 'yes'
      : value === false
        ? 'no'
        : String(value as string | number);

/** Fields of one value each, by the name of the field. */
function column(
  name: string,
  field: keyof CatalogueModel,
  read: (cell: string) => unknown = plain,
): SheetColumn {
  return { name, field, read, write: (model) => shown(model[field]) };
}

function sizeColumn(
  name: string,
  field: keyof ModelSize,
  read: (cell: string) => unknown = figure,
): SheetColumn {
  return { name, field: `size.${field}`, read, write: (_model, size) => shown(size[field]) };
}

/** Pairs as “first:second; first:second”. */
function pairs<T>(cell: string, make: (first: unknown, second: unknown, third?: string) => T): T[] {
  return parts(cell).map((part) => {
    const [first = '', second = '', third] = part.split(':').map((piece) => piece.trim());
    return make(figure(first), figure(second), third);
  });
}

const pointsWritten = (points: NonNullable<CatalogueModel['points']>): string =>
  points.map(({ temperatureC, pressurePa }) => `${temperatureC}:${pressurePa}`).join('; ');
const pointsRead = (cell: string): unknown =>
  pairs(cell, (temperatureC, pressurePa) => ({ temperatureC, pressurePa }));

/** The sheet, column by column. Lists stand in one cell, with a semicolon between. SI, as everywhere inside: m, Pa, degrees C, m3/h at 1 bar. */
export const SHEET_COLUMNS: readonly SheetColumn[] = [
  column('maker', 'maker'),
  column('model', 'model'),
  column('type', 'type'),
  column('port', 'port'),
  column('pieces', 'pieces', figure),
  column('body', 'bodyMaterial'),
  column('seat', 'seatMaterial'),
  column('disc', 'discMaterial'),
  column('stem', 'stem'),
  column('plastic stem', 'plasticStem', flag),
  column('operator', 'operator'),
  {
    name: 'ends',
    field: 'ends',
    write: ({ ends = [] }) => ends.join('; '),
    read: (cell) => parts(cell),
  },
  column('rating', 'ratingId'),
  {
    name: 'rating points C:Pa',
    field: 'points',
    write: ({ points = [] }) => pointsWritten(points),
    read: pointsRead,
  },
  {
    name: 'approvals',
    field: 'approvals',
    write: ({ approvals }) => (approvals?.length === 0 ? 'none' : (approvals ?? []).join('; ')),
    read: (cell) => (cell.toLowerCase() === 'none' ? [] : parts(cell)),
  },
  column('listed indicating', 'listedIndicating', flag),
  column('listed joint', 'listedJoint', flag),
  column('close time s', 'closeTimeS', figure),
  column('turns', 'turns', figure),
  column('seal weld', 'sealWeld', flag),
  column('full lift m/s', 'fullLiftMs', figure),
  column('cracking Pa', 'crackingPa', figure),
  column('set Pa', 'setPressurePa', figure),
  column('capacity kg/h', 'capacityKgH', figure),
  column('temperature element', 'temperatureElement', flag),
  {
    name: 'range Pa',
    field: 'rangePa',
    write: ({ rangePa = [] }) => rangePa.join('; '),
    read: (cell) => parts(cell).map(figure),
  },
  column('normally', 'normally'),
  column('voltage V', 'voltageV', figure),
  column('least differential Pa', 'leastDifferentialPa', figure),
  column('taper deg', 'taperAngleDeg', figure),
  {
    name: 'life years',
    field: 'lifeYears',
    write: ({ lifeYears = [] }) => lifeYears.join('; '),
    read: (cell) => parts(cell).map(figure),
  },
  column('standard', 'standard'),
  {
    name: 'spares name:price:years',
    field: 'spares',
    write: ({ spares = [] }) =>
      spares
        .map(({ name, price, everyYears }) =>
          [name, price, ...(everyYears === undefined ? [] : [everyYears])].join(':'),
        )
        .join('; '),
    read: (cell) =>
      parts(cell).map((part) => {
        const [name = '', price = '', years] = part.split(':').map((piece) => piece.trim());
        return { name, price: figure(price), ...(years !== undefined && { everyYears: figure(years) }) };
      }),
  },
  sizeColumn('dn', 'dn'),
  sizeColumn('bore m', 'boreM'),
  sizeColumn('kv', 'kv'),
  sizeColumn('size port', 'port', plain),
  sizeColumn('size operator', 'operator', plain),
  {
    name: 'size ends',
    field: 'size.ends',
    write: (_model, { ends = [] }) => ends.join('; '),
    read: (cell) => parts(cell),
  },
  sizeColumn('size rating', 'ratingId', plain),
  {
    name: 'size rating points C:Pa',
    field: 'size.points',
    write: (_model, { points = [] }) => pointsWritten(points),
    read: pointsRead,
  },
  sizeColumn('size capacity kg/h', 'capacityKgH'),
  sizeColumn('price', 'price'),
  {
    name: 'breaks from:price',
    field: 'size.breaks',
    write: (_model, { breaks = [] }) => breaks.map(({ from, price }) => `${from}:${price}`).join('; '),
    read: (cell) => pairs(cell, (from, price) => ({ from, price })),
  },
];
