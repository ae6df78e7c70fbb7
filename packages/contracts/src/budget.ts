import { LANGUAGES, type Language } from '@grevik/words';
import {
  type BudgetSettings,
  type Failure,
  type LearnedOfType,
  type LifeSeen,
  type MovedByHand,
  type ServedValve,
  WETS,
  type Wets,
  budgetSettingsInput,
} from '@grevik/core';
import { IsIn, IsObject, IsOptional, IsUUID } from 'class-validator';
import { Described } from './described.js';
import { VersionedRequest } from './position.js';

export const BUDGET_FILES = ['xlsx', 'pdf'] as const;
export type BudgetFile = (typeof BUDGET_FILES)[number];

/** Of one job, or of the company. */
export class BudgetQuery {
  @IsOptional()
  @IsUUID()
  jobId?: string;
}

/** A budget as a file. */
export class BudgetFileRequest extends BudgetQuery {
  @IsIn(BUDGET_FILES)
  format!: BudgetFile;

  /** Of a PDF; `en` where it is left out. */
  @IsOptional()
  @IsIn(LANGUAGES)
  language?: Language;
}

/** Changes what a budget rests on, and what was moved by hand. */
export class BudgetRequest extends VersionedRequest {
  @IsOptional()
  @IsUUID()
  jobId?: string;

  @Described(budgetSettingsInput)
  settings!: BudgetSettings;

  /** Planned year by position; 0 is never. */
  @IsObject()
  moved!: MovedByHand;
}

/** Says what gets wet where the valve of a position fails. */
export class WetsRequest {
  @IsOptional()
  @IsIn(WETS, { message: `wets must be one of ${WETS.join(', ')}` })
  wets?: Wets;
}

/** A change that can be taken back; null where nothing changed. */
export interface Changed {
  changeId: string | null;
}

/** A valve in service, where it is found, and what its failure would put out of service. */
export interface ServedValveView extends ServedValve {
  tag: string;
  remarks: string;
  jobId: string;
  jobName: string;
  lineId: string;
  lineName: string;
  /** Who is dry while it is changed; null where the walk does not say. */
  dry: string[] | null;
  /** What is wrong with it now. */
  failure: Failure | null;
  mustNotWait: string | null;
}

/** What a budget of replacements is worked out from. */
export interface BudgetView {
  version: number;
  settings: BudgetSettings;
  moved: MovedByHand;
  currency: string;
  valves: ServedValveView[];
  seen: LifeSeen[];
}

/** What the lives of valves at a position are worked out from: those that could serve there, and the one that does. */
export interface LifeBasisView {
  /** Of the job's budget, else of the company's. */
  settings: BudgetSettings;
  currency: string;
  /** What the company saw at its own valves, by type. */
  learned: LearnedOfType[];
  wets: Wets | null;
  /** The shut-off that would stop it does not turn. */
  isBehindSeized: boolean;
  /** Null where no valve is known to be in service. */
  valve: ServedValveView | null;
}
