import type { Condition, Medium, PLACES, Task, ValveFunction, ValveType, Visit } from '@grevik/core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsISO8601,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { VersionedRequest } from './position.js';

/** Stops of one round at most. */
export const MOST_STOPS = 2000;

const DAY = { message: '$property must be a day, like 2026-12-01' };

/** Gathers what is due on some jobs until a day, in walking order. */
export class RoundRequest {
  /** Made on the device, so that sending it twice makes one round. */
  @IsUUID()
  id!: string;

  @IsString()
  @Length(1, 80)
  @Matches(/\S/, { message: 'name must have a letter in it' })
  name!: string;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(200)
  @ArrayUnique()
  @IsUUID(undefined, { each: true })
  jobIds!: string[];

  @IsISO8601({ strict: true })
  @MaxLength(10, DAY)
  until!: string;

  @IsISO8601({ strict: true })
  @MaxLength(10, DAY)
  startsOn!: string;

  @IsNumber({ allowInfinity: false, allowNaN: false })
  @Min(0.5)
  @Max(12)
  hoursADay!: number;

  /** For whom; left out where it is for nobody yet. */
  @IsOptional()
  @IsUUID()
  personId?: string;
}

/** Changes a round in the version that was seen. */
export class RoundChangeRequest extends VersionedRequest {
  @IsOptional()
  @IsString()
  @Length(1, 80)
  @Matches(/\S/, { message: 'name must have a letter in it' })
  name?: string;

  @IsOptional()
  @IsISO8601({ strict: true })
  @MaxLength(10, DAY)
  startsOn?: string;

  @IsOptional()
  @IsNumber({ allowInfinity: false, allowNaN: false })
  @Min(0.5)
  @Max(12)
  hoursADay?: number;

  /** Null: for nobody. */
  @IsOptional()
  @IsUUID()
  personId?: string | null;

  /** Positions in the order they are walked; those left out leave the round. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_STOPS)
  @ArrayUnique()
  @IsUUID(undefined, { each: true })
  order?: string[];
}

export interface RoundListing {
  id: string;
  name: string;
  jobIds: string[];
  startsOn: string;
  /** Last planned day. */
  endsOn: string;
  hoursADay: number;
  person: { id: string; name: string } | null;
  stops: number;
  done: number;
  notDone: number;
}

/** A visit that was written down. */
export interface VisitView {
  id: string;
  happenedAt: string;
  by: string;
  text: string;
  visit: Visit;
}

/** One position of a round, with all that one needs there. */
export interface RoundStopView {
  positionId: string;
  tag: string;
  remarks: string;
  jobId: string;
  jobName: string;
  lineId: string;
  lineName: string;
  medium: Medium;
  function: ValveFunction;
  dn: number;
  place: (typeof PLACES)[number] | null;
  /** What stands there; null where nobody knows any more. */
  type: ValveType | null;
  condition: Condition;
  coordinates: [number, number] | null;
  tasks: Task[];
  doNotOperate: 'seized' | 'leaks-by' | 'unexercised' | null;
  /** `YYYY-MM-DD`, and minutes after the start of that day. */
  on: string;
  fromMin: number;
  minutes: number;
  photos: string[];
  /** The visit of this round; null while nobody was there. */
  visit: VisitView | null;
  /** The last visit before it. */
  lastVisit: VisitView | null;
}

export interface RoundView extends RoundListing {
  version: number;
  /** The change that was just made, to take it back; null where nothing was changed. */
  changeId: string | null;
  stopsInOrder: RoundStopView[];
}

/** A secret address of a calendar: it is in this answer and nowhere else. */
export interface CalendarAddressView {
  path: string;
}
