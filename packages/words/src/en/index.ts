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

/** Every English word of the interface that is not the core's or the server's own, by screen. Each language has the same. */
export const en = {
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
} as const;
