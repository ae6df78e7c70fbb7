import { LANGUAGES, type Language } from '@grevik/words';
import {
  type Failure,
  type Medium,
  type OwnerPrice,
  type ValueOf,
  type ValveType,
  list,
  number,
  optional,
  record,
  text,
} from '@grevik/core';
import {
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { Described } from './described.js';
import { uuid } from './uuid.js';

const MOST_ITEMS = 6;
const MOST_OPTIONS = 3;
const MOST_PHOTOS = 8;
const LONGEST = 1000;

const optionInput = record({
  modelId: uuid,
  /** Fittings and whatever else goes with it, in the company's currency. */
  parts: number({ min: 0, max: 1e7 }),
  hours: number({ min: 0, max: 1000 }),
  hourlyRate: number({ min: 0, max: 1e5 }),
});
const itemInput = record({
  positionId: uuid,
  found: text(LONGEST),
  canHappen: text(LONGEST),
  ifNothing: text(LONGEST),
  photos: optional(list(uuid, { most: MOST_PHOTOS })),
  options: list(optionInput, { least: 1, most: MOST_OPTIONS }),
});
export type OwnerItemRequest = ValueOf<typeof itemInput>;

/** Makes a page for an owner: what was found at some valves, what can be done, and what that costs. */
export class OwnerPageRequest {
  /** Made with the draft: sent twice there is one page. */
  @IsUUID()
  id!: string;

  @Described(list(itemInput, { least: 1, most: MOST_ITEMS }))
  items!: OwnerItemRequest[];

  /** As a share; left out, prices are said to be without tax. */
  @IsOptional()
  @IsNumber({ allowInfinity: false, allowNaN: false })
  @Min(0)
  @Max(0.5)
  taxRate?: number;

  /** Until its link stops working. */
  @IsInt()
  @Min(1)
  @Max(90)
  days!: number;
}

/** What an owner decides about one valve. */
export class OwnerAnswerRequest {
  @IsUUID()
  positionId!: string;

  /** Which option, counted from 0; -1 where none is wanted. */
  @IsInt()
  @IsIn([-1, 0, 1, 2])
  option!: number;

  /** Of whoever decides. */
  @IsString()
  @Length(2, 120)
  @Matches(/\S/)
  name!: string;
}

export interface OwnerOption {
  modelId: string;
  type: ValveType;
  /** What it is, in words. */
  name: string;
  hours: number;
  price: OwnerPrice;
}

/** One valve as its owner sees it. */
export interface OwnerItem {
  positionId: string;
  tag: string;
  place: string;
  medium: Medium;
  /** What stands there; null where nobody wrote it down. */
  type: ValveType | null;
  failure: Failure | null;
  found: string;
  canHappen: string;
  ifNothing: string;
  photos: string[];
  options: OwnerOption[];
}

export interface OwnerAnswer {
  positionId: string;
  /** -1 where none was wanted. */
  option: number;
  name: string;
  at: string;
}

/** A page as its owner sees it: nothing else of the company. */
export interface OwnerPageView {
  companyName: string;
  jobName: string;
  currency: string;
  /** Null where prices are without tax. */
  taxRate: number | null;
  madeBy: string;
  madeAt: string;
  expiresAt: string;
  items: OwnerItem[];
  answers: OwnerAnswer[];
}

/** A page as whoever made it sees it. */
export interface OwnerPageListing {
  id: string;
  madeAt: string;
  madeBy: string;
  expiresAt: string;
  withdrawnAt: string | null;
  tags: string[];
  /** What could not be done by itself after an answer; null where it could. */
  answers: (OwnerAnswer & { trouble: string | null })[];
}

/** A page that was just made: the key of its link is shown this once. */
export interface NewOwnerPage extends OwnerPageListing {
  key: string;
}

/** How the page is printed. */
export class OwnerFileQuery {
  /** `en` where it is left out. */
  @IsOptional()
  @IsIn(LANGUAGES)
  language?: Language;
}
