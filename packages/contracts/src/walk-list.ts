import type { WalkListCheck } from '@grevik/core';
import { ArrayMaxSize, ArrayNotEmpty, IsArray, IsInt, IsString, MaxLength, MinLength } from 'class-validator';

/** Longest list taken, in characters: about 5,000 rows. */
export const LONGEST_WALK_LIST = 1_000_000;

/** A walk list as it was typed: the text of the CSV file. */
export class WalkListRequest {
  @IsString()
  @MinLength(1)
  @MaxLength(LONGEST_WALK_LIST)
  text!: string;
}

/** The list again, with the rows the person saw would be added. */
export class TakeWalkListRequest extends WalkListRequest {
  @IsArray()
  @ArrayNotEmpty()
  @ArrayMaxSize(20_000)
  @IsInt({ each: true })
  rows!: number[];
}

export interface WalkListPreview extends WalkListCheck {
  /** Columns of the sheet that are not read. */
  unread: string[];
}

export interface WalkListTaken {
  added: number;
  lines: { id: string; name: string }[];
}
