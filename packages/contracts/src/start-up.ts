import { LANGUAGES, type Language } from '@grevik/words';
import {
  type HoldGiven,
  type RecordOf,
  type ReducerCheck,
  type ReducerGiven,
  type HoldTest,
  START_UP_STEPS,
  type StartUpEntry,
  type StartUpStepId,
  type StepValues,
  UNIT_SYSTEMS,
  type UnitSystem,
  choice,
  holdGivenInput,
  list,
  number,
  optional,
  record,
  reducerGivenInput,
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

/** Faults of the stand-in's radio, battery, thermometer and clock. */
export const LOGGER_FAULTS = ['radio-gaps', 'battery', 'no-thermometer', 'wrong-clock'] as const;
/** What the stand-in plays at a reducer. */
export const REDUCER_PLAYS = ['holds', 'creeps', 'hunts', 'off-set'] as const;

const playedGaugeFields = {
  leakPaPerMin: number({ unit: 'Pa', min: 0, max: 1e6, meaning: 'lost each minute' }),
  coolsK: number({
    unit: 'K',
    min: -40,
    max: 40,
    meaning: 'how much the pipe cools in the time held; below 0 it warms',
  }),
  faults: list(choice(LOGGER_FAULTS), { most: 4 }),
  reducer: optional(choice(REDUCER_PLAYS, 'at a reducer; default holds')),
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

  /** Ahead of a reducer, one a time. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_READING_SAMPLES)
  @IsNumber({ allowInfinity: false, allowNaN: false }, { each: true })
  inletPa?: number[];

  /** Through a reducer, one a time. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_READING_SAMPLES)
  @IsNumber({ allowInfinity: false, allowNaN: false }, { each: true })
  flowM3s?: number[];
}

export const READING_SOURCES = ['typed', 'imported', 'device', 'stand-in'] as const;
export type ReadingSource = (typeof READING_SOURCES)[number];

/** Begins a reading: of a hold with `given`, of a reducer with `item` and `reducer`. */
export class ReadingRequest {
  @IsUUID()
  id!: string;

  @IsOptional()
  @Described(holdGivenInput)
  given?: HoldGiven;

  /** The position of the reducer. */
  @IsOptional()
  @IsString()
  @Length(1, 60)
  item?: string;

  @IsOptional()
  @Described(reducerGivenInput)
  reducer?: ReducerGiven;

  @IsIn(READING_SOURCES)
  source!: ReadingSource;

  /** For `device` and `stand-in`: which one reads. */
  @IsOptional()
  @IsUUID()
  deviceId?: string;

  /** For `stand-in`: what it plays. */
  @IsOptional()
  @Described(record(playedGaugeFields))
  plays?: PlayedGauge;
}

/** Files of a start-up, each a PDF. */
export const START_UP_FILES = ['record', 'tags', 'valve-chart'] as const;
export type StartUpFileKind = (typeof START_UP_FILES)[number];
export const PAPERS = ['letter', 'a4'] as const;
export type Paper = (typeof PAPERS)[number];

/** How a file is printed. */
export class StartUpFileQuery {
  /** `letter` where it is left out. */
  @IsOptional()
  @IsIn(PAPERS)
  paper?: Paper;

  /** `us` where it is left out. */
  @IsOptional()
  @IsIn(UNIT_SYSTEMS)
  units?: UnitSystem;

  /** `en` where it is left out. */
  @IsOptional()
  @IsIn(LANGUAGES)
  language?: Language;
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

interface AnyReadingView {
  id: string;
  source: ReadingSource;
  startedAt: string;
  startedBy: string;
  endedAt: string | null;
  /** The device that reads; null where none does. */
  device: { name: string; lastAt: string | null; trouble: string | null } | null;
  samples: number;
}

export interface HoldReadingView extends AnyReadingView {
  step: 'hold';
  item: null;
  given: HoldGiven;
  /** Its verdict with its figures; null while it runs. */
  result: HoldTest | null;
}

export interface ReducerReadingView extends AnyReadingView {
  step: 'reducer';
  /** The position of the reducer. */
  item: string;
  given: ReducerGiven;
  result: ReducerCheck | null;
}

export type ReadingView = HoldReadingView | ReducerReadingView;

/** Samples of a reading, column by column; what nobody read is null. */
export interface SamplesView {
  timeS: number[];
  pressurePa: number[];
  temperatureC: (number | null)[];
  inletPa: (number | null)[];
  flowM3s: (number | null)[];
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
