import { type PositionDuty, positionDutyInput } from '@grevik/core';
import { IsInt, IsString, IsUUID, Length, Matches, Min } from 'class-validator';
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

export class PickRequest extends VersionedRequest {
  @IsUUID()
  modelId!: string;

  @IsString()
  @Length(1, 2000)
  @Matches(/\S/, { message: 'reason must say something' })
  reason!: string;
}
