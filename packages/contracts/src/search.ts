import type { Condition, Medium } from '@grevik/core';
import { MaxLength, MinLength } from 'class-validator';

/** A part of a tag, of what a position is for, or of a line’s name. */
export class SearchQuery {
  @MinLength(2)
  @MaxLength(60)
  text!: string;
}

/** A line, or a position of it, that was looked for in all jobs of the company. */
export interface Found {
  jobId: string;
  job: string;
  lineId: string;
  line: string;
  medium: Medium;
  /** The position; null where it is the line itself. */
  position: { tag: string; remarks: string; dn: number; condition: Condition } | null;
}
