import {
  type HoldGiven,
  type RecordOf,
  type HoldTest,
  START_UP_STEPS,
  type StartUpEntry,
  type StartUpStepId,
  type StepValues,
  choice,
  holdGivenInput,
  list,
  number,
  record,
} from '@grevik/core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsISO8601,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  MaxLength,
} from 'class-validator';
import { Described } from './described.js';

const NOT_BLANK = /\S/;
/** Samples of one reading: two days and more at one a second. */
export const MOST_READING_SAMPLES = 200_000;

/** What was typed for one thing of a step, or that a step is skipped. Its id is made on the device, so that sending it twice stores it once. */
export class StartUpEntryRequest {
  @IsUUID()
  id!: string;

  @IsIn(START_UP_STEPS)
  step!: StartUpStepId;

  @IsIn(['item', 'skip', 'unskip'])
  kind!: 'item' | 'skip' | 'unskip';

  /** For `item`: which thing of the step. */
  @IsOptional()
  @IsString()
  @Length(1, 60)
  item?: string;

  /** For `item`: by the names of the step's fields; figures in SI. */
  @IsOptional()
  @IsObject()
  values?: StepValues;

  /** For `skip`: why. */
  @IsOptional()
  @IsString()
  @MaxLength(500)
  @Matches(NOT_BLANK)
  reason?: string;

  /** When it was so, by the device's clock. */
  @IsISO8601({ strict: true })
  @MaxLength(40)
  happenedAt!: string;
}

/** Faults of the stand-in's radio, battery and thermometer. */
export const LOGGER_FAULTS = ['radio-gaps', 'battery', 'no-thermometer'] as const;

const playedGaugeFields = {
  leakPaPerMin: number({ unit: 'Pa', min: 0, max: 1e6, meaning: 'lost each minute' }),
  coolsK: number({
    unit: 'K',
    min: -40,
    max: 40,
    meaning: 'how much the pipe cools in the time held; below 0 it warms',
  }),
  faults: list(choice(LOGGER_FAULTS), { most: 3 }),
};
/** What the logger stand-in plays. */
export type PlayedGauge = RecordOf<typeof playedGaugeFields>;

/** Samples, column by column. */
export class SamplesRequest {
  /** Rising, s. */
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_READING_SAMPLES)
  @IsNumber({ allowInfinity: false, allowNaN: false }, { each: true })
  timeS!: number[];

  /** Gauge, one a time. */
  @IsArray()
  @ArrayMaxSize(MOST_READING_SAMPLES)
  @IsNumber({ allowInfinity: false, allowNaN: false }, { each: true })
  pressurePa!: number[];

  /** One a time; left out where nobody read it. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_READING_SAMPLES)
  @IsNumber({ allowInfinity: false, allowNaN: false }, { each: true })
  temperatureC?: number[];
}

export const READING_SOURCES = ['typed', 'imported', 'stand-in'] as const;
export type ReadingSource = (typeof READING_SOURCES)[number];

/** Begins a reading of a hold. */
export class ReadingRequest {
  @IsUUID()
  id!: string;

  @Described(holdGivenInput)
  given!: HoldGiven;

  @IsIn(READING_SOURCES)
  source!: ReadingSource;

  /** For `stand-in`: what it plays. */
  @IsOptional()
  @Described(record(playedGaugeFields))
  plays?: PlayedGauge;
}

export class HandOverRequest {
  /** Who did the work. */
  @IsString()
  @Length(1, 80)
  @Matches(NOT_BLANK)
  handedBy!: string;

  /** Who takes the line over. */
  @IsString()
  @Length(1, 80)
  @Matches(NOT_BLANK)
  takenBy!: string;
}

export interface ReadingView {
  id: string;
  given: HoldGiven;
  source: ReadingSource;
  startedAt: string;
  startedBy: string;
  endedAt: string | null;
  /** Its verdict with its figures; null while it runs. */
  result: HoldTest | null;
  samples: number;
}

/** Samples of a reading, column by column; a temperature nobody read is null. */
export interface SamplesView {
  timeS: number[];
  pressurePa: number[];
  temperatureC: (number | null)[];
}

export interface HandOverView {
  handedBy: string;
  takenBy: string;
  at: string;
}

/** What was done of a line's start-up. */
export interface StartUpView {
  entries: (StartUpEntry & { id: string })[];
  /** The latest first. */
  readings: ReadingView[];
  handedOver: HandOverView | null;
}
