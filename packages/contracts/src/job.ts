import { CURRENCIES, type HouseRuleSettings, type Medium, type ValveFunction } from '@grevik/core';
import { VersionedRequest } from './position.js';
import { IsIn, IsString, Length, Matches } from 'class-validator';

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

export interface JobView {
  id: string;
  /** Goes up with every change of its house rules: send it back with the next one. */
  version: number;
  name: string;
  lines: LineSummary[];
  /** The sides this job takes for itself, over the company's. */
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
}

export interface CompanyView {
  /** Goes up with every change of it: send it back with the next one. */
  version: number;
  name: string;
  currency: string;
  /** The sides it has taken; the rest are the standard ones. */
  houseRules: Partial<HouseRuleSettings>;
}
