import { type HookUpChoices, type PositionDuty, hookUpChoicesInput, positionDutyInput } from '@grevik/core';
import {
  ArrayMaxSize,
  ArrayNotEmpty,
  IsArray,
  IsInt,
  IsString,
  IsUUID,
  Length,
  Matches,
  Min,
} from 'class-validator';
import { Nested } from './nested.js';
import { Described } from './described.js';

/** A change carries the version it was made on, so that nobody overwrites what they have not seen. */
export class VersionedRequest {
  @IsInt()
  @Min(0)
  version!: number;
}

export class ChangeDutyRequest extends VersionedRequest {
  @Described(positionDutyInput)
  duty!: PositionDuty;
}

export class ChangeHookUpRequest extends VersionedRequest {
  @Described(hookUpChoicesInput)
  hookUp!: HookUpChoices;
}

export class PickRequest extends VersionedRequest {
  @IsUUID()
  modelId!: string;

  @IsString()
  @Length(1, 2000)
  @Matches(/\S/, { message: 'reason must say something' })
  reason!: string;
}

/** A position with the version its pick was judged on. */
export class SeenPosition extends VersionedRequest {
  @IsUUID()
  id!: string;
}

/** One model for many positions of a job, each judged on its own duty. */
export class PickManyRequest {
  @IsUUID()
  modelId!: string;

  @IsString()
  @Length(1, 2000)
  @Matches(/\S/, { message: 'reason must say something' })
  reason!: string;

  @IsArray()
  @ArrayNotEmpty()
  @ArrayMaxSize(500)
  @Nested(() => SeenPosition, { each: true })
  positions!: SeenPosition[];
}
