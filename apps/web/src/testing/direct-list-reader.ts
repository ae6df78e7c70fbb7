import { listLines } from '../job/orders/list-lines';
import type { ListReader } from '../job/orders/list-reader';

/** The list read without a worker between: a test has none. Each part is answered a turn later, as a worker's would be. */
export const listReader = (): ListReader => ({
  read: (text) => Promise.resolve().then(() => listLines(text)),
  letGo: () => undefined,
});
