import type { Medium } from '../../ground/media/index.js';
import { type PositionFacts, positionState } from './position-state.js';

/** What is left to do on a job, in the order of the work. */
export type NextStep =
  | { kind: 'add-line' }
  | { kind: 'walk'; line: Named }
  | { kind: 'pick'; line: Named; tags: string[] }
  | { kind: 'place'; lines: number };

interface Named {
  id: string;
  name: string;
}

interface Line extends Named {
  medium: Medium;
  positions: readonly (PositionFacts & { tag: string })[];
}

/**
 * What is left to do on a job: lines to walk, valves to pick line by line, order lines without a supplier.
 *
 * @param job lines with their positions in flow order; how many order lines have no supplier
 *
 * @example
 * nextOnJob({ lines: [], unplacedLines: 0 }) // [{ kind: 'add-line' }]
 */
export function nextOnJob({
  lines,
  unplacedLines,
}: {
  lines: readonly Line[];
  unplacedLines: number;
}): NextStep[] {
  if (lines.length === 0) return [{ kind: 'add-line' }];
  const steps = lines.flatMap(({ id, name, medium, positions }): NextStep[] => {
    const line = { id, name };
    if (positions.length === 0) return [{ kind: 'walk', line }];
    const tags = positions
      .filter((position) => positionState(position, medium) === 'not-picked')
      .map(({ tag }) => tag);
    return tags.length === 0 ? [] : [{ kind: 'pick', line, tags }];
  });
  return unplacedLines > 0 ? [...steps, { kind: 'place', lines: unplacedLines }] : steps;
}
