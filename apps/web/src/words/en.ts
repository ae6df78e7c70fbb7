import { around } from './en/shell';
import { bench } from './en/bench';
import { board } from './en/board';
import { benchOthers } from './en/bench-cases';
import { budget } from './en/budget';
import { catalogue } from './en/catalogue';
import { counter } from './en/parts-list';
import { devices } from './en/devices';
import { tasks } from './en/tasks';
import { drills } from './en/drills';
import { hookUp } from './en/hook-up';
import { lineUp } from './en/line-up';
import { orders } from './en/orders';
import { outlook } from './en/outlook';
import { pick } from './en/pick';
import { rounds } from './en/rounds';
import { life } from './en/life';
import { owner } from './en/owner';
import { station } from './en/station';
import { startUp } from './en/start-up';
import { takeoff } from './en/takeoff';
import { walk } from './en/walk';

/** Every English word of the interface that is not the core's or the server's own, by screen. A translation is another file of this shape. */
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
