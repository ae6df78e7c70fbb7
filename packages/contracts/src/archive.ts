import {
  type CatalogueModel,
  type Field,
  type HouseRuleSettings,
  type RecordOf,
  ENTRY_KINDS,
  LONGEST_WALK,
  MEDIA,
  ORDER_STATES,
  benchFindingInput,
  catalogueModelInput,
  choice,
  edgeInput,
  flag,
  foundInput,
  hookUpChoicesInput,
  houseRulesInput,
  list,
  number,
  optional,
  positionDutyInput,
  record,
  specInput,
  supplierAnswerInput,
  text,
  visitInput,
  walkItemFields,
  lineFactsInput,
} from '@grevik/core';
import { MaxLength, MinLength } from 'class-validator';
import { archivedStartUpInput } from './archived-start-up.js';
import { moment } from './moment.js';
import { PHOTO_SHOWS, PHOTO_TYPES } from './photo.js';

export const ARCHIVE_FORMAT = 'grevik-job';

const words = (most: number): Field<string> => {
  const full = text(most);
  return {
    takes: `a text of at most ${most} characters`,
    schema: { type: 'string', maxLength: most },
    read: (value, path) => (value === '' ? '' : full.read(value, path)),
  };
};

const entryFields = {
  kind: choice(ENTRY_KINDS),
  text: words(2000),
  turns: optional(number({ min: 0, max: 2000 })),
  found: optional(foundInput),
  finding: optional(benchFindingInput),
  visit: optional(visitInput),
  happenedAt: moment,
  by: text(80),
};
const photoFields = {
  type: choice(PHOTO_TYPES),
  shows: optional(choice(PHOTO_SHOWS)),
  takenAt: moment,
  by: text(80),
  base64: text(12_000_000),
};
const pickFields = {
  maker: text(80),
  model: text(80),
  reason: text(2000),
  verdict: choice(['fits', 'care'] as const),
  edges: optional(list(edgeInput, { most: 40 })),
  pickedAt: moment,
  by: optional(text(80)),
};
const positionFields = {
  tag: text(20),
  remarks: words(500),
  duty: positionDutyInput,
  longitude: optional(number({ unit: 'degrees', min: -180, max: 180 })),
  latitude: optional(number({ unit: 'degrees', min: -90, max: 90 })),
  pick: optional(record(pickFields)),
  hookUp: optional(hookUpChoicesInput),
  entries: list(record(entryFields), { most: 20_000 }),
  photos: list(record(photoFields), { most: 200 }),
};
/** As it stands on the line, with the tag in place of the position's id. */
const { positionId: _positionId, ...ownItemFields } = walkItemFields;
const itemFields = { ...ownItemFields, tag: optional(text(20)) };
const lineFields = {
  name: text(60),
  medium: choice(MEDIA),
  facts: optional(lineFactsInput),
  walked: flag('whether somebody walked it; else its positions stand in a row'),
  walk: list(record(itemFields), { most: LONGEST_WALK }),
  positions: list(record(positionFields), { most: 10_000 }),
  startUp: optional(archivedStartUpInput),
};

const receiptFields = {
  quantity: number({ integer: true, min: 1, max: 1_000_000 }),
  casting: words(500),
  accepted: flag(),
  note: words(500),
  receivedAt: moment,
  by: text(80),
};
const orderLineFields = {
  /** What the quotations of this archive call it. */
  id: text(60),
  text: text(1000),
  spec: optional(specInput),
  quantity: number({ integer: true, min: 1, max: 1_000_000 }),
  /** Tags. */
  positions: list(text(20), { most: 1000 }),
  note: words(500),
  unitPrice: optional(number({ unit: 'currency, each', min: 0, max: 1e9 })),
  leadDays: optional(number({ unit: 'days', integer: true, min: 0, max: 1000 })),
  receipts: list(record(receiptFields), { most: 1000 }),
};
const orderFields = {
  supplier: optional(text(80)),
  state: choice(ORDER_STATES),
  lines: list(record(orderLineFields), { most: 20_000 }),
};
const quotationFields = {
  supplier: text(80),
  state: choice(['asked', 'answered', 'failed'] as const),
  lines: list(text(60), { most: 5_000 }),
  answer: optional(supplierAnswerInput),
  problem: optional(text(500)),
  askedAt: moment,
  by: text(80),
};

/** A job whole, without an id of the company it came from: what makes it again elsewhere. */
export const jobArchiveInput = record({
  format: choice([ARCHIVE_FORMAT]),
  version: number({ integer: true, min: 1, max: 1 }),
  job: text(120),
  /** House-rule settings of its own. */
  houseRules: optional(houseRulesInput as Field<Partial<HouseRuleSettings>>),
  /** The models that are picked in it. */
  models: list(catalogueModelInput, { most: 2_000 }),
  lines: list(record(lineFields), { most: 500 }),
  orders: optional(list(record(orderFields), { most: 1_000 })),
  quotations: optional(list(record(quotationFields), { most: 1_000 })),
});
export type JobArchive = RecordOf<{
  format: Field<typeof ARCHIVE_FORMAT>;
  version: Field<number>;
  job: Field<string>;
  houseRules: Field<Partial<HouseRuleSettings> | undefined>;
  models: Field<CatalogueModel[]>;
  lines: Field<ArchivedLine[]>;
  orders: Field<ArchivedOrder[] | undefined>;
  quotations: Field<ArchivedQuotation[] | undefined>;
}>;
export type ArchivedOrder = RecordOf<typeof orderFields>;
export type ArchivedQuotation = RecordOf<typeof quotationFields>;
export type ArchivedLine = RecordOf<typeof lineFields>;
export type ArchivedPosition = RecordOf<typeof positionFields>;
export type ArchivedItem = RecordOf<typeof itemFields>;

/** What the file is called that a job is imported from. */
export class ImportQuery {
  @MinLength(1)
  @MaxLength(200)
  name!: string;
}

export interface ArchiveTaken {
  jobId: string;
  name: string;
  positions: number;
}

/** Positions with coordinates, as RFC 7946 has it. */
export interface PositionsGeoJson {
  type: 'FeatureCollection';
  features: {
    type: 'Feature';
    geometry: { type: 'Point'; coordinates: readonly [longitude: number, latitude: number] };
    properties: { tag: string; line: string; remarks: string; function: string; dn: number };
  }[];
}

export interface GeoJsonTaken {
  placed: number;
  /** What could not be taken, feature by feature: nothing is taken by halves. */
  problems: { feature: number; message: string }[];
}
