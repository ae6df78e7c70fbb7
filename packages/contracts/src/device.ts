import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsISO8601,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { Nested } from './nested.js';

const NOT_BLANK = /\S/;
/** An hour at one a second. */
export const MOST_PUSHED_SAMPLES = 3600;
const MOST_PA = 1e9;

/** What is put on a line and reports: a gauge and flow logger, a counter of turns, a recorder of levels. */
export const DEVICE_KINDS = ['logger', 'counter', 'recorder'] as const;
export type DeviceKind = (typeof DEVICE_KINDS)[number];

/** Registers a device. */
export class DeviceRequest {
  @IsString()
  @Length(1, 80)
  @Matches(NOT_BLANK)
  name!: string;

  @IsIn(DEVICE_KINDS)
  kind!: DeviceKind;

  /** Played by the server, to practise with; refused where the server plays none. */
  @IsOptional()
  @IsBoolean()
  isStandIn?: boolean;
}

const FIGURE = { allowInfinity: false, allowNaN: false } as const;

/** What a logger read at a moment. */
export class DeviceSample {
  /** By the logger's clock. */
  @IsISO8601({ strict: true })
  @MaxLength(40)
  at!: string;

  /** Gauge; of a reducer, behind it. */
  @IsNumber(FIGURE)
  @Min(-101_325)
  @Max(MOST_PA)
  pressurePa!: number;

  /** Of the pipe. */
  @IsOptional()
  @IsNumber(FIGURE)
  @Min(-273.15)
  @Max(2000)
  temperatureC?: number;

  /** Gauge, ahead of a reducer. */
  @IsOptional()
  @IsNumber(FIGURE)
  @Min(-101_325)
  @Max(MOST_PA)
  inletPa?: number;

  @IsOptional()
  @IsNumber(FIGURE)
  @Min(0)
  @Max(1000)
  flowM3s?: number;
}

/** Level of a well and its pump at a moment. */
export class LevelSample {
  /** By the recorder's clock. */
  @IsISO8601({ strict: true })
  @MaxLength(40)
  at!: string;

  @IsNumber(FIGURE)
  @Min(-100)
  @Max(1000)
  levelM!: number;

  @IsBoolean()
  pumpOn!: boolean;
}

/** What a device sends, with its key in the header `Authorization: Bearer`. Sent again it is stored once. */
export class DeviceReport {
  /** The device's clock at the moment of sending: where it is wrong, nothing is stored. */
  @IsISO8601({ strict: true })
  @MaxLength(40)
  sentAt!: string;
}

/** What a logger or a counter sends. */
export class DeviceSamplesRequest extends DeviceReport {
  /** With rising times. */
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_PUSHED_SAMPLES)
  @Nested(() => DeviceSample, { each: true })
  samples!: DeviceSample[];
}

export interface DeviceSamplesView {
  /** Samples that were stored in the reading. */
  stored: number;
  /** Samples that are older than the reading, or were stored before. */
  known: number;
  /** The reading that runs on this device; null where none does. */
  readingId: string | null;
}

export interface DeviceView {
  id: string;
  name: string;
  kind: DeviceKind;
  isStandIn: boolean;
  addedAt: string;
  addedBy: string;
  /** When it last reported. */
  lastAt: string | null;
  lastSample: DeviceSample | LevelSample | null;
  /** Why its last report was refused; null where it was not. */
  trouble: string | null;
  /** What it reads now. */
  reading: { jobId: string; lineId: string; lineName: string } | null;
  /** Of a level recorder, the check whose station it records. */
  station: { jobId: string; lineId: string; positionId: string; tag: string } | null;
}

/** A device that was just registered, or got another key: its key is shown this once. */
export interface NewDeviceView extends DeviceView {
  key: string;
}
