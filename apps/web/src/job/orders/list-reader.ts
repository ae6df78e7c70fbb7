import { wrap } from 'comlink';
import type { ListRead } from './list-lines';

/** Reads parts of a list beside the screen, until it is let go. */
export interface ListReader {
  read: (text: string) => Promise<ListRead>;
  letGo: () => void;
}

export function listReader(): ListReader {
  const worker = new Worker(new URL('./list-reader.worker.ts', import.meta.url), { type: 'module' });
  return { read: wrap<(text: string) => ListRead>(worker), letGo: () => worker.terminate() };
}
