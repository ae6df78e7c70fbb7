import { type CheckDiagnosis, type CheckVerdict, STATION_FAULTS, type StationFault } from '@grevik/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsISO8601,
  IsInt,
  IsNumber,
  IsOptional,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { Nested } from './nested.js';
import { DeviceReport, LevelSample, MOST_PUSHED_SAMPLES } from './device.js';
import { VersionedRequest } from './position.js';

const FIGURE = { allowInfinity: false, allowNaN: false } as const;

/** What a level recorder sends. */
export class LevelsRequest extends DeviceReport {
  /** With rising times. */
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_PUSHED_SAMPLES)
  @Nested(() => LevelSample, { each: true })
  levels!: LevelSample[];
}

export interface LevelsView {
  /** Samples that were stored. */
  stored: number;
  /** Samples that were stored before. */
  known: number;
  /** The position of the check whose station it records; null where it stands at none. */
  positionId: string | null;
}

/** Puts a level recorder at the station of a check, or changes what is known of the station. */
export class StationRequest extends VersionedRequest {
  /** The recorder; left out, none stands there any more. */
  @IsOptional()
  @IsUUID()
  deviceId?: string;

  /** Plan area of the well. */
  @IsNumber(FIGURE)
  @Min(0.01)
  @Max(10_000)
  wellAreaM2!: number;

  /** Left out where nobody knows it: then the log's own first cycles are what it is judged against. */
  @IsOptional()
  @IsNumber(FIGURE)
  @Min(1e-5)
  @Max(100)
  pumpFlowM3s?: number;

  /** On the plate of the pump. */
  @IsOptional()
  @IsNumber(FIGURE)
  @Min(1)
  @Max(1e7)
  platePowerW?: number;

  /** What a recorder that the server plays shows of the check from now on. */
  @IsOptional()
  @IsIn(STATION_FAULTS)
  plays?: StationFault;
}

/** A stretch of a station's log. */
export class LevelsQuery {
  /** Left out, from its beginning. */
  @IsOptional()
  @IsISO8601({ strict: true })
  @MaxLength(40)
  from?: string;

  /** Left out, to its end. */
  @IsOptional()
  @IsISO8601({ strict: true })
  @MaxLength(40)
  to?: string;

  /** Points at most, 1000 where left out: a longer stretch is thinned without losing its highest and lowest levels. */
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(10)
  @Max(5000)
  most?: number;
}

/** The station of a check, as it is known and as its recorder sees it. */
export interface StationView {
  /** 0 where nothing is known of it yet. */
  version: number;
  device: {
    id: string;
    name: string;
    isStandIn: boolean;
    lastAt: string | null;
    trouble: string | null;
  } | null;
  wellAreaM2: number | null;
  pumpFlowM3s: number | null;
  platePowerW: number | null;
  plays: StationFault | null;
  /** From when to when there are levels. */
  firstAt: string | null;
  lastAt: string | null;
  lastLevelM: number | null;
  isPumpOn: boolean | null;
  /** Null until there are cycles enough. */
  verdict: CheckVerdict | null;
  /** Since when the check has been so; null where it holds. */
  since: string | null;
  judgedAt: string | null;
  /** Of the last two weeks, its times in seconds since 1970. */
  diagnosis: CheckDiagnosis | null;
}

/** Levels over time, column by column; time in seconds since 1970. */
export interface LevelsStretch {
  timeS: number[];
  levelM: number[];
  pumpOn: boolean[];
}
