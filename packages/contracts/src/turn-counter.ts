import type { TurnPoint } from '@grevik/core';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsNumber, IsOptional, Max, Min } from 'class-validator';

/** What can be wrong with a valve that the turn counter plays. */
export const TURN_FAULTS = [
  'none',
  'tight-patch',
  'scale',
  'short',
  'broken-stem',
  'gate-dropped',
  'wrong-way',
] as const;
export type TurnFault = (typeof TURN_FAULTS)[number];

/** The valve that is played. */
export class TurnCounterQuery {
  @Type(() => Number)
  @IsInt()
  @Min(6)
  @Max(3000)
  dn!: number;

  @Type(() => Number)
  @IsNumber({ allowInfinity: false, allowNaN: false })
  @Min(0.25)
  @Max(150)
  turns!: number;

  @IsIn(TURN_FAULTS)
  fault!: TurnFault;

  @IsOptional()
  @Type(() => Number)
  @IsNumber({ allowInfinity: false, allowNaN: false })
  @Min(0)
  @Max(1)
  stiffness?: number;

  /** The same number plays the same curve. */
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  @Max(2 ** 31)
  seed?: number;
}

/** A point of the curve; null at its end. */
export interface TurnCounterEvent {
  point: TurnPoint | null;
}
