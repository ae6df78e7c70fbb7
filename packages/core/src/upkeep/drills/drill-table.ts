import { whichCheck, whichValve } from './kinds/choose-valve.js';
import { hearIt } from './kinds/hear-it.js';
import { holdsOrNot } from './kinds/holds-or-not.js';
import { nameIt } from './kinds/name-it.js';
import { purgeOrder } from './kinds/purge-order.js';
import { sayIt } from './kinds/say-it.js';
import { shutIt } from './kinds/shut-it.js';
import { touchItOrNot } from './kinds/touch-it-or-not.js';
import { whatIsWrong } from './kinds/what-is-wrong.js';
import { whatToClose } from './kinds/what-to-close.js';
import type { DrillKind, DrillTrade } from './made-drill.js';

/** How each kind is made. A line here puts a drill into runs, the record, the shell and the API. */
export const DRILL_TABLE = {
  'name-it': nameIt,
  'say-it': sayIt,
  'hear-it': hearIt,
  'which-valve': whichValve,
  'which-check': whichCheck,
  'what-to-close': whatToClose,
  'shut-it': shutIt,
  'purge-order': purgeOrder,
  'holds-or-not': holdsOrNot,
  'what-is-wrong': whatIsWrong,
  'touch-it-or-not': touchItOrNot,
} as const satisfies Record<DrillKind, unknown>;

/** Kinds that have something to ask of a trade; all of them for water. */
export const KINDS_OF_TRADE: Readonly<Record<Exclude<DrillTrade, 'water'>, readonly DrillKind[]>> = {
  gas: ['purge-order', 'holds-or-not', 'which-valve', 'touch-it-or-not', 'say-it'],
  fire: ['which-valve', 'touch-it-or-not', 'say-it'],
  steam: ['which-valve', 'touch-it-or-not', 'say-it'],
  sewage: ['what-is-wrong', 'which-check', 'which-valve', 'touch-it-or-not'],
};
