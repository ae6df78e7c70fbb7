import { type Condition, type Medium, FAILURE_WORDS, valveFailure } from '@grevik/core';
import { translated } from '../words';

/** What is wrong with a position’s valve, to stand behind its name; nothing where nothing is known to be. */
export function failureSaid({ condition }: { condition: Condition }, medium: Medium | undefined): string {
  const failure = medium && valveFailure(condition, medium);
  return failure === undefined ? '' : ` · ${translated(FAILURE_WORDS[failure])}`;
}
