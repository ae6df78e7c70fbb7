import {
  MEDIA,
  type Condition,
  type Edge,
  type HookUpChoices,
  type Medium,
  type WalkItem,
  type PositionDuty,
  type UnitSystem,
  UNIT_SYSTEMS,
  type LineFacts,
  lineFactsInput,
} from '@grevik/core';
import { Described } from './described.js';
import { VersionedRequest } from './position.js';
import { IsIn, IsOptional, IsString, Length, Matches } from 'class-validator';

export interface PickView {
  modelId: string;
  reason: string;
  /** As it was judged when it was picked. */
  verdict: 'fits' | 'care';
  /** Until when that held: the nearest edge of each figure beyond which it is worse. */
  edges: readonly Edge[];
  pickedAt: string;
  /** Null where it was picked before people signed in. */
  pickedBy: string | null;
}

export interface PositionView {
  id: string;
  tag: string;
  remarks: string;
  /** Everything but the medium, which the line gives. */
  duty: PositionDuty;
  /** Goes up with every change: send it back with the next one. */
  version: number;
  pick: PickView | null;
  /** What was settled of how it joins; the rest follows from duty and pick. */
  hookUp: HookUpChoices;
  /** What is known of it from all that was found there. */
  condition: Condition;
  /** Longitude and latitude, degrees; null where not known. */
  coordinates: readonly [longitude: number, latitude: number] | null;
  photos: readonly string[];
  /** The last change, with who made it; null where nothing was changed since it was brought. */
  changed: { id: string; by: string; at: string } | null;
}

/** A line as it was walked. */
export interface WalkView {
  /** Goes up with every edit: send it back with the next one. */
  version: number;
  /** In walking order. */
  items: WalkItem[];
}

export interface LineView {
  id: string;
  jobId: string;
  name: string;
  medium: Medium;
  /** What holds for the whole line: its positions take it over where they say nothing themselves. */
  facts: LineFacts;
  /** Goes up with every change of them: send it back with the next one. */
  factsVersion: number;
  /** When its start-up was handed over, ISO; null while it is not in service. */
  handedOverAt: string | null;
  /** In the order the water goes. */
  positions: PositionView[];
  walk: WalkView;
}

export class ChangeLineFactsRequest extends VersionedRequest {
  @Described(lineFactsInput)
  facts!: LineFacts;
}

export class AddLineRequest {
  @IsString()
  @Length(1, 60)
  @Matches(/\S/, { message: 'name must have a letter in it' })
  name!: string;

  @IsIn(MEDIA)
  medium!: Medium;
}

export class ScheduleQuery {
  @IsOptional()
  @IsIn(UNIT_SYSTEMS)
  units?: UnitSystem;
}
