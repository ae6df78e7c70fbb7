import {
  type Field,
  type HouseRuleSettings,
  type RecordOf,
  type WalkItem,
  LONGEST_REMARKS,
  LONGEST_WALK,
  TAG_PATTERN,
  list,
  number,
  optional,
  record,
  text,
  walkItemFields,
} from '@grevik/core';
import { IsInt, IsOptional, IsString, IsUUID, Length, Matches, Max, MaxLength, Min } from 'class-validator';
import { Described } from './described.js';
import type { LineView, PositionView } from './line.js';
import { VersionedRequest } from './position.js';

const newValve = record({
  tag: optional(text(20)),
  dn: optional(number({ integer: true, above: 0, max: 2000 })),
});
const insertFields = { ...walkItemFields, valve: optional(newValve) };
const insertInput = record(insertFields);

/** An item as it is put in: a valve that has no position yet says what is to be made of it. */
export type WalkInsert = RecordOf<typeof insertFields>;
const insertsInput: Field<WalkInsert[]> = list(insertInput, { most: 5_000 });

/** One edit of a walk: from a place on, so many items go, and these come. */
export class EditWalkRequest extends VersionedRequest {
  /** Made where it was typed: an edit that is sent twice is made once. */
  @IsOptional()
  @IsUUID()
  id?: string;

  @IsInt()
  @Min(0)
  @Max(LONGEST_WALK)
  at!: number;

  @IsInt()
  @Min(0)
  @Max(LONGEST_WALK)
  remove!: number;

  @Described(insertsInput)
  insert!: WalkInsert[];
}

/** What an edit came to: to be done to the walk as it was seen. */
export interface WalkEdited {
  version: number;
  changeId: string;
  at: number;
  remove: number;
  items: WalkItem[];
  /** Positions that were made. */
  positions: PositionView[];
}

/** A job whole, as it is kept on a device to answer without a network. */
export interface JobWalkView {
  id: string;
  name: string;
  /** House-rule settings of its own. */
  houseRules: Partial<HouseRuleSettings>;
  lines: LineView[];
}

const LONGEST_TAG = 20;

export class NameRequest extends VersionedRequest {
  @IsString()
  @Length(1, LONGEST_TAG)
  @Matches(TAG_PATTERN, {
    message: 'tag must be letters, digits and dashes, like CW-04',
  })
  tag!: string;

  /** Where it is, in words. */
  @IsString()
  @MaxLength(LONGEST_REMARKS)
  remarks!: string;
}
