import type { Medium } from '../../ground/media/index.js';
import { type Failure, type PositionFacts, FAILURES, countByState, valveFailure } from './position-state.js';

/** What is wrong with a valve, as one says it of its tag. */
export const FAILURE_WORDS: Record<Failure, string> = {
  'gas-leaks': 'leaks gas: get everybody out, call the gas utility',
  'gas-seized': 'does not turn: replace now',
  leaks: 'leaks outside',
  'leaks-by': 'leaks by',
  seized: 'seized: do not operate',
};

/** The sentence that matters about a line. */
export interface LineSentence {
  text: string;
  isUrgent: boolean;
}

type Position = PositionFacts & { tag: string };

/**
 * The sentence that matters about a line: what fails there, else what is left to do.
 *
 * @param positions in flow order
 *
 * @example
 * lineSentence([{ tag: 'GA-103', pickedType: null, condition: { type: 'plug-taper', turning: 'seized' }, ordered: null }], 'natural-gas')
 * // { text: 'GA-103 does not turn: replace now', isUrgent: true }
 */
export function lineSentence(positions: readonly Position[], medium: Medium): LineSentence {
  const failing = failuresOf(positions, medium);
  const [first] = failing;
  if (first) {
    const more = failing.length - 1;
    return {
      text: `${first.tag} ${FAILURE_WORDS[first.failure]}${more > 0 ? ` · ${more} more` : ''}`,
      isUrgent: true,
    };
  }
  if (positions.length === 0) return { text: 'nothing walked yet', isUrgent: false };
  const counts = countByState(positions, medium);
  const toPick = counts.get('not-picked') ?? 0;
  const picked = counts.get('picked') ?? 0;
  const ordered = counts.get('ordered') ?? 0;
  const parts = [
    toPick > 0 ? `${toPick} to pick` : picked > 0 ? 'all picked' : '',
    ordered > 0 ? `${ordered} ordered` : '',
  ].filter(Boolean);
  return { text: parts.join(' · ') || 'in service', isUrgent: false };
}

/**
 * The valves of all lines of a job that fail, the most pressing first, each with its line.
 *
 * @example
 * jobFailures([{ id: 'l', medium: 'potable-cold', positions: [] }]) // []
 */
export function jobFailures<L extends { medium: Medium; positions: readonly Position[] }>(
  lines: readonly L[],
): (L['positions'][number] & { failure: Failure; line: L })[] {
  return lines
    .flatMap((line) =>
      failuresOf<L['positions'][number]>(line.positions, line.medium).map((position) => ({
        ...position,
        line,
      })),
    )
    .sort(byPressing);
}

/** The valves of a line that fail, the most pressing first. */
export function failuresOf<P extends Position>(
  positions: readonly P[],
  medium: Medium,
): (P & { failure: Failure })[] {
  return positions
    .flatMap((position) => {
      const failure = valveFailure(position.condition, medium);
      return failure === undefined ? [] : [{ ...position, failure }];
    })
    .sort(byPressing);
}

const byPressing = (a: { failure: Failure }, b: { failure: Failure }): number =>
  FAILURES.indexOf(a.failure) - FAILURES.indexOf(b.failure);
