import {
  DRILL_KINDS,
  DRILL_TRADES,
  type DrillKind,
  type DrillLevel,
  type DrillTrade,
  type Field,
  LAST_SEED,
  type HouseRuleSettings,
  type Readiness,
  SHOWN_KINDS,
  type ShownKind,
  type ShownQuestion,
  houseRulesInput,
} from '@grevik/core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsUUID,
  Max,
  Min,
} from 'class-validator';
import { Described } from './described.js';
import { moment } from './moment.js';

/** People that one drill is sent to at most. */
const MOST_PEOPLE = 500;

/** The drill reads it: what is right depends on its kind. */
const ofTheDrill: Field<unknown> = {
  takes: 'what the kind of drill asks for',
  schema: {},
  read: (value) => value,
};

/** An answer to a drill: made from a seed, from what is shown of something real, or sent by somebody. */
export class DrillResultRequest {
  /** Made with the drill: sent twice it is stored once. */
  @IsUUID()
  id!: string;

  @IsIn(DRILL_KINDS)
  kind!: DrillKind;

  @IsInt()
  @Min(1)
  @Max(3)
  level!: DrillLevel;

  /** Left out where something real is shown. */
  @IsOptional()
  @IsInt()
  @Min(-LAST_SEED)
  @Max(LAST_SEED)
  seed?: number;

  @IsOptional()
  @IsIn(DRILL_TRADES)
  trade?: DrillTrade;

  /** In force where it was asked: the same drill is made again with them. The defaults where left out. */
  @IsOptional()
  @Described(houseRulesInput)
  houseRules?: Partial<HouseRuleSettings>;

  /** The question about a real position or line. */
  @IsOptional()
  @Described(ofTheDrill)
  shown?: unknown;

  /** The drill that somebody sent. */
  @IsOptional()
  @IsUUID()
  sentId?: string;

  @Described(ofTheDrill)
  answer!: unknown;

  @IsNumber({ allowInfinity: false, allowNaN: false })
  @Min(0)
  @Max(86_400)
  tookS!: number;

  @Described(moment)
  takenAt!: string;
}

/** One answer in a person's record. */
export interface DrillResultView {
  id: string;
  kind: DrillKind;
  level: DrillLevel;
  trade: DrillTrade;
  right: boolean;
  score: number;
  tookS: number;
  takenAt: string;
}

export interface DrillRecordView {
  personId: string;
  name: string;
  /** The newest first. */
  results: DrillResultView[];
}

/** Who is ready for what. */
export interface DrillPersonView {
  personId: string;
  name: string;
  role: string;
  ready: Readiness[];
  /** When a drill about it was last passed; null where none ever was. */
  gasPassedAt: string | null;
  firePassedAt: string | null;
}

/** Sends a drill about a real position to people. */
export class DrillSendRequest {
  /** Made with the draft: sent twice there is one. */
  @IsUUID()
  id!: string;

  @IsUUID()
  positionId!: string;

  @IsIn(SHOWN_KINDS)
  kind!: ShownKind;

  @Described(ofTheDrill)
  shown!: unknown;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_PEOPLE)
  @ArrayUnique()
  @IsUUID(undefined, { each: true })
  personIds!: string[];
}

/** A drill that was sent, as whoever is to answer it or whoever sent it sees it. */
export interface SentDrillView {
  id: string;
  kind: ShownKind;
  shown: ShownQuestion;
  jobId: string;
  lineId: string;
  tag: string;
  sentBy: string;
  sentAt: string;
  /** Answers so far; one’s own only for whoever did not send it. */
  answers: { personId: string; name: string; right: boolean; takenAt: string }[];
  /** How many it was sent to. */
  people: number;
  /** Whether it is to be answered by whoever asks. */
  isMine: boolean;
}
