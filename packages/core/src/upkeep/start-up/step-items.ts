import { stemTurns, valveTypeFacts } from '../../ground/valves/index.js';
import { purgeCard } from '../../judgement/bench/index.js';
import { walkPaths } from '../../judgement/walk/index.js';
import { flush } from '../../physics/pressure-test/index.js';
import type { StartedLine, StartedPosition } from './started-line.js';
import type { StepItem } from './step-row.js';

/** A quarter and less is seen, not counted. */
const COUNTED_TURNS = 1;

/** A valve as a thing of a step. */
export const itemOf = ({ id, tag, name }: StartedPosition): StepItem => ({
  id,
  positionId: id,
  title: `${tag} ${name}`.trim(),
  figures: [],
});
/** The valves of a line for which something is so. */
export const itemsWhere =
  (is: (position: StartedPosition) => boolean) =>
  ({ positions }: StartedLine): StepItem[] =>
    positions.filter(is).map(itemOf);
/** The line as the one thing of a step. */
export const wholeLine = (): StepItem[] => [{ id: 'line', title: 'The whole line', figures: [] }];

/** Each outlet with the flow, the time and the water it is flushed with. */
export function flushItems(line: StartedLine): StepItem[] {
  const { ends, to } = walkPaths(line.items);
  if (ends.length === 0) return wholeLine();
  return ends.map((end) => {
    const runs = to(end.id).flatMap(({ lengthM, diameterM, item }) =>
      item.kind === 'run' && lengthM > 0 && diameterM !== undefined ? [{ lengthM, diameterM }] : [],
    );
    const flushed = runs.length > 0 ? flush({ runs }) : undefined;
    const position = line.positions.find(({ id }) => id === end.positionId);
    return {
      id: end.id,
      title: end.name ?? (position ? `${position.tag} ${position.name}`.trim() : (end.fixture ?? 'Outlet')),
      figures: flushed
        ? [
            { label: 'Flow', value: flushed.flowM3s, quantity: 'flow' },
            { label: 'For', value: flushed.seconds, quantity: 'time' },
            { label: 'Water', value: flushed.waterM3, quantity: 'volume' },
          ]
        : [],
    };
  });
}

/** The purge card line by line, and the leak test after it. */
export function purgeItems(): StepItem[] {
  const { steps } = purgeCard(
    'plain',
    { dischargeRule: 'outdoors-only', wouldTripIfFullyOpen: false },
    { opening: 'the opening on the bench', seconds: 'the time on the bench' },
  );
  return [
    ...steps,
    'Leak test at working pressure: soap at keys, stems and joints. The appliance lights and stays lit.',
  ].map((title, at) => ({ id: `purge-${at + 1}`, title, figures: [] }));
}

/** Positions by their way from the source, the nearest first; in flow order where that is not known. */
export function nearestFirst({ positions, items }: StartedLine): StartedPosition[] {
  const { to } = walkPaths(items);
  const distance = ({ id }: StartedPosition): number => {
    const item = items.find(({ positionId }) => positionId === id);
    return item ? to(item.id).reduce((sum, { lengthM }) => sum + lengthM, 0) : Infinity;
  };
  return positions
    .map((position) => ({ position, distanceM: distance(position) }))
    .sort((a, b) => a.distanceM - b.distanceM || 0)
    .map(({ position }) => position);
}

/** Turns such a valve usually has; undefined where they are not counted. */
export function usualTurns({ type, duty: { dn } }: StartedPosition): number | undefined {
  if (type === undefined || valveTypeFacts(type).strokes === 'self') return undefined;
  const turns = stemTurns(type, dn);
  return turns > COUNTED_TURNS ? turns : undefined;
}
