import type { ChangeKind } from '@grevik/core';
import { IsOptional, IsUUID, Matches, ValidateIf } from 'class-validator';

/** What open screens are told beside the changes of the log. */
export const LIVE_TOPICS = [
  'samples',
  'levels',
  'devices',
  'device-trouble',
  'quotes',
  'drills',
  'tasks',
] as const;
export type LiveTopic = (typeof LIVE_TOPICS)[number];

/** That something is another now: what is shown of it is asked anew. */
export interface LiveNoticeView {
  /** Many at once are told as one, which says of none what it was. */
  kind: ChangeKind | LiveTopic | 'many';
  jobId: string | null;
  positionId: string | null;
  /** The row it was done to, where that is no position. */
  subjectId: string | null;
}

/** Others who have a position open. */
export interface PresenceView {
  positionId: string;
  people: { id: string; name: string }[];
}

/** From where a stream goes on, and which page of whoever asks it is for: what that page did itself is not told to it. */
export class LiveQuery {
  @IsUUID()
  tab!: string;

  /** Number of the last change that was told or shown. */
  @IsOptional()
  @Matches(/^\d{1,18}$/, { message: 'after must be the number of a change, a whole number' })
  after?: string;
}

/** The position a page has open. */
export class PlaceRequest {
  @IsUUID()
  tab!: string;

  /** Null for none. */
  @ValidateIf(({ positionId }: PlaceRequest) => positionId !== null)
  @IsUUID()
  positionId!: string | null;
}
