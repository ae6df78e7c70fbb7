import { crowd } from './crowd.mjs';
import { heavyRequests } from './heavy-requests.mjs';
import { hostile } from './hostile.mjs';
import { large } from './large.mjs';
import { kills } from './kills.mjs';
import { lostNetwork } from './lost-network.mjs';
import { matrix } from './matrix.mjs';
import { parallelWrites } from './parallel-writes.mjs';
import { users } from './users.mjs';

/** @type {Record<string, (server: import('./running-server.mjs').RunningServer, isLarge: boolean) => Promise<string[]>>} */
export const ATTACKS = {
  parallel: parallelWrites,
  heavy: heavyRequests,
  users,
  crowd,
  matrix,
  hostile,
  kills,
  network: lostNetwork,
  // Last: it makes many jobs of the one the others look for.
  large,
};
