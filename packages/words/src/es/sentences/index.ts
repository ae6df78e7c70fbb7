import type { Sentences } from '../../language-table.js';
import { drills } from './drills.js';
import { ground } from './ground.js';
import { hookUp } from './hook-up.js';
import { judgement } from './judgement.js';
import { physics } from './physics.js';
import { selection } from './selection.js';
import { startUp } from './start-up.js';
import { trade } from './trade.js';
import { upkeep } from './upkeep.js';
import { walk } from './walk.js';
import { server } from './server.js';
import { small } from './small.js';

/** What the core and the server say, in Spanish. */
export const sentences: Sentences = {
  ...drills,
  ...ground,
  ...hookUp,
  ...judgement,
  ...physics,
  ...selection,
  ...startUp,
  ...trade,
  ...upkeep,
  ...walk,
  ...server,
  ...small,
};
