import type { SameWords } from '../../language-table.js';
import { around } from './shell.js';
import { bench } from './bench.js';
import { board } from './board.js';
import { benchOthers } from './bench-cases.js';
import { budget } from './budget.js';
import { catalogue } from './catalogue.js';
import { counter } from './parts-list.js';
import { devices } from './devices.js';
import { tasks } from './tasks.js';
import { drills } from './drills.js';
import { hookUp } from './hook-up.js';
import { lineUp } from './line-up.js';
import { orders } from './orders.js';
import { outlook } from './outlook.js';
import { pick } from './pick.js';
import { rounds } from './rounds.js';
import { life } from './life.js';
import { owner } from './owner.js';
import { station } from './station.js';
import { startUp } from './start-up.js';
import { takeoff } from './takeoff.js';
import { walk } from './walk.js';

/** The words of the interface in Spanish, as the trade speaks it on North American sites. */
export const words: SameWords = {
  ...around,
  ...lineUp,
  ...outlook,
  ...pick,
  ...rounds,
  ...startUp,
  ...life,
  ...owner,
  ...station,
  ...catalogue,
  ...walk,
  ...bench,
  ...board,
  ...budget,
  ...benchOthers,
  ...counter,
  ...devices,
  ...tasks,
  ...drills,
  ...hookUp,
  ...orders,
  ...takeoff,
};
