import {
  CURRENCIES,
  type Condition,
  type HouseRuleSettings,
  type OwnGates,
  type OwnHoldRules,
  type Medium,
  type ValveFunction,
} from '@grevik/core';
import { VersionedRequest } from './position.js';
import { IsBoolean, IsIn, IsString, Length, Matches } from 'class-validator';

export class CreateJobRequest {
  @IsString()
  @Length(1, 120)
  @Matches(/\S/, { message: 'name must have a letter in it' })
  name!: string;
}

/** The currency prices are kept in. Those that are there already are not converted. */
export class CurrencyRequest extends VersionedRequest {
  @IsIn(CURRENCIES, { message: 'currency must be a code of ISO 4217, like USD' })
  currency!: string;
}

export interface LineSummary {
  id: string;
  name: string;
  medium: Medium;
  positions: number;
  picked: number;
}

/** Puts a job out of the way of those that are worked on, or brings it back. */
export class ArchiveJobRequest {
  @IsBoolean()
  archived!: boolean;
}

/** A job as the list of jobs shows it. */
export interface JobListing {
  id: string;
  name: string;
  lines: number;
  positions: number;
  picked: number;
  /** Positions whose valve is seized, leaks by or leaks outside. */
  urgent: number;
  /** When anybody changed anything in it last, ISO. */
  touchedAt: string;
  /** Whether the asker has changed anything in it. */
  isMine: boolean;
  /** ISO; null while the job is open. */
  archivedAt: string | null;
}

/** A job by its name: enough to choose it. */
export interface JobName {
  id: string;
  name: string;
}

export interface JobView {
  id: string;
  /** Goes up with every change of its house rules: send it back with the next one. */
  version: number;
  name: string;
  /** ISO; null while the job is open. */
  archivedAt: string | null;
  lines: LineSummary[];
  /** The house-rule settings of this job, over the company's. */
  houseRules: Partial<HouseRuleSettings>;
}

/** A position in a word: enough to find it, and to count what is asked alike. */
export interface PositionSummary {
  id: string;
  lineId: string;
  tag: string;
  remarks: string;
  function: ValveFunction;
  dn: number;
  /** What was found there. */
  condition: Condition;
}

export interface CompanyView {
  /** Goes up with every change of it: send it back with the next one. */
  version: number;
  name: string;
  currency: string;
  /** House-rule settings; what is missing is at its default. */
  houseRules: Partial<HouseRuleSettings>;
  /** Test pressures and times of its own; what is missing is as usual. */
  holdRules: OwnHoldRules;
  /** What its own solid gates say: the rule on gates follows them where nobody chose an option. */
  ownGates: OwnGates | null;
}
