import type { DrillSeed, HouseRuleSettings } from '@grevik/core';
import { type DrillToTake, fromSeed } from './drill-to-take';

/** Where each of the five is done in the product. */
export const FIRST_FIVE = [
  'touch-it-or-not',
  'which-valve',
  'what-to-close',
  'shut-it',
  'hear-it',
] as const satisfies readonly DrillSeed['kind'][];

/** Five easy questions in the order of the work, each with the screen that does it. */
export const firstFive = (seed: number, settings: HouseRuleSettings): DrillToTake[] =>
  FIRST_FIVE.map((kind, at) => ({
    ...fromSeed({ kind, seed: seed + at, level: 1 }, settings),
    intro: kind,
  }));
