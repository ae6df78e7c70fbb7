import { readlinkSync } from 'node:fs';
import { setPriority } from 'node:os';
import { basename } from 'node:path';

/** How much a thread of work gives way: a busy machine answers requests first. */
const NICENESS = 10;

/** Lets the thread that calls it give way to those that answer requests, where the system tells threads apart (Linux). */
export function stepBack(): void {
  try {
    setPriority(Number(basename(readlinkSync('/proc/thread-self'))), NICENESS);
  } catch {
    // Elsewhere all threads are alike.
  }
}
