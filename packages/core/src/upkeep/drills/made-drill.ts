import type { HouseRuleSettings } from '../../judgement/selection/index.js';
import type { HandlePoint } from '../../physics/surge/index.js';
import type { Draw } from './draw.js';

export const DRILL_KINDS = [
  'name-it',
  'say-it',
  'hear-it',
  'which-valve',
  'which-check',
  'what-to-close',
  'shut-it',
  'purge-order',
  'holds-or-not',
  'what-is-wrong',
  'touch-it-or-not',
] as const;
export type DrillKind = (typeof DRILL_KINDS)[number];

export const DRILL_LEVELS = [1, 2, 3] as const;
export type DrillLevel = (typeof DRILL_LEVELS)[number];

/** What a drill is about, so that gas and fire can be told apart in the record. */
export const DRILL_TRADES = ['water', 'gas', 'fire', 'steam', 'sewage'] as const;
export type DrillTrade = (typeof DRILL_TRADES)[number];

/** Ids of a choice or of an order, a text, or a closing by hand. */
export type DrillAnswer = string | readonly string[] | readonly HandlePoint[];

/** One thing to choose or to put in order. */
export interface DrillItem {
  id: string;
  [fact: string]: unknown;
}

/** How an answer is given. */
export type AnswerAsked =
  | { form: 'choice'; choices: readonly DrillItem[] }
  | { form: 'order'; items: readonly (DrillItem & { text: string })[] }
  | { form: 'text' }
  | { form: 'valves' }
  | { form: 'closing' };

export interface DrillGrade {
  right: boolean;
  /** 0 to 1: what is nearly right has its share. */
  score: number;
  why: { text: string }[];
}

/** A drill with its question, and what its own calculation says of any answer. `A` is the answer in its form. */
export interface MadeDrill<Q = unknown, A extends DrillAnswer = DrillAnswer> {
  question: Q;
  answer: AnswerAsked;
  trade: DrillTrade;
  /** One of the answers that pass. */
  key: A;
  grade(answer: A): DrillGrade;
}

/** What a drill is made from. */
export interface DrillFrom {
  draw: Draw;
  level: DrillLevel;
  settings: HouseRuleSettings;
  /** Only about this; about anything where left out. */
  trade?: DrillTrade | undefined;
}

/** Makes a drill of one kind. */
export type DrillMaker<Q, A extends DrillAnswer> = (from: DrillFrom) => MadeDrill<Q, A>;

export const RIGHT = { right: true, score: 1 } as const;
