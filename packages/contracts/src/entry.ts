import {
  type BenchFinding,
  ENTRY_KINDS,
  type EntryKind,
  type Found,
  benchFindingInput,
  foundInput,
} from '@grevik/core';
import {
  IsIn,
  IsISO8601,
  IsOptional,
  IsNumber,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
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

  /** When it was so, by the device's clock. */
  @IsISO8601({ strict: true })
  @MaxLength(40)
  happenedAt!: string;
}

export interface EntryView {
  id: string;
  kind: EntryKind;
  text: string;
  turns: number | null;
  found: Found | null;
  finding: BenchFinding | null;
  happenedAt: string;
  by: string;
}

/** What happened at a position, newest first. */
export interface HistoryView<Change> {
  changes: Change[];
  entries: EntryView[];
}
