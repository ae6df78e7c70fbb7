import {
  type BenchFinding,
  ENTRY_KINDS,
  type EntryKind,
  type Found,
  type Visit,
  benchFindingInput,
  foundInput,
  visitInput,
} from '@grevik/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsISO8601,
  IsInt,
  IsOptional,
  IsNumber,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { Nested } from './nested.js';
import { Described } from './described.js';

/** A fact from the field. Its id is made on the device, so that sending it twice stores it once. */
export class EntryRequest {
  @IsUUID()
  id!: string;

  @IsIn(ENTRY_KINDS)
  kind!: EntryKind;

  @IsString()
  @MaxLength(2000)
  text!: string;

  /** Turns of the handle from stop to stop. */
  @IsOptional()
  @IsNumber({ allowInfinity: false, allowNaN: false })
  @Min(0)
  @Max(2000)
  turns?: number;

  /** For `found`: what was looked at. */
  @IsOptional()
  @Described(foundInput)
  found?: Found;

  /** For `bench`: what it found. */
  @IsOptional()
  @Described(benchFindingInput)
  finding?: BenchFinding;

  /** For `visit`: what was done, or why not. */
  @IsOptional()
  @Described(visitInput)
  visit?: Visit;

  /** When it was so, by the device's clock. */
  @IsISO8601({ strict: true })
  @MaxLength(40)
  happenedAt!: string;
}

/** Entries sent together at most. */
export const MOST_ENTRIES = 100;

/** An entry with its position. */
export class PositionEntryRequest {
  @IsUUID()
  positionId!: string;

  @Nested(() => EntryRequest)
  entry!: EntryRequest;
}

/** Entries that waited on a device, in the order they were made. */
export class EntriesRequest {
  @IsArray()
  @ArrayMaxSize(MOST_ENTRIES)
  @Nested(() => PositionEntryRequest, { each: true })
  entries!: PositionEntryRequest[];
}

/** What became of entries that were sent together: null where it is stored, else why it was refused. */
export interface EntriesView {
  results: { id: string; refusal: string | null }[];
}

export interface EntryView {
  id: string;
  kind: EntryKind;
  text: string;
  turns: number | null;
  found: Found | null;
  finding: BenchFinding | null;
  visit: Visit | null;
  happenedAt: string;
  by: string;
}

/** How many changes, and how many entries, of a history are shown at first, and come with each request for older ones. */
export const HISTORY_PAGE = 200;
const LONGEST_HISTORY = 50 * HISTORY_PAGE;

/** How much of a history is asked for. */
export class HistoryQuery {
  @IsOptional()
  @IsInt({ message: `most must be a whole number from 1 to ${LONGEST_HISTORY}` })
  @Min(1)
  @Max(LONGEST_HISTORY)
  @Type(() => Number)
  most?: number;
}

/** What happened at a position, newest first: everything back to the oldest shown. */
export interface HistoryView<Change> {
  changes: Change[];
  entries: EntryView[];
  /** Whether there is more that is older. */
  hasOlder: boolean;
}
