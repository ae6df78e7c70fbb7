import type { FixtureKind } from '../../judgement/walk/index.js';
import { stemTurns, valveTypeFacts } from '../../ground/valves/index.js';
import { benchValve, purgeCard, setRadiators, usualRadiatorM2 } from '../../judgement/bench/index.js';
import { FIXTURES, walkPaths } from '../../judgement/walk/index.js';
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

/** Grit blocks or wears what is in them: their stops stay closed until the line runs clear. */
const KEPT_CLOSED: readonly FixtureKind[] = ['toilet', 'water-heater', 'flushometer', 'boiler', 'ice-maker'];

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
      ...(end.fixture !== undefined &&
        KEPT_CLOSED.includes(end.fixture) && {
          note: `Keep the stop of the ${FIXTURES[end.fixture].words} closed while the line is flushed. Flush this branch last, through a hose at the stop.`,
        }),
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
  ].map((title, at) => ({
    id: `purge-${at + 1}`,
    title,
    figures: [],
    ...(title.startsWith('Screw the sacrificial valve') && {
      note: 'Where the riser valve has an insulated joint: screw the insulated joint of the kit on its outlet first, so that the kit does not bridge it.',
    }),
  }));
}

/** Radiator valves in the order they are set, with the turns of their internal stop where the supply is known. */
export function radiatorItems(line: StartedLine): StepItem[] {
  const radiators = nearestFirst(line).filter(({ type }) => type?.startsWith('radiator'));
  const supplyPa = Math.max(...radiators.map(({ duty }) => duty.pressurePa ?? -Infinity));
  return radiators.map((position, at): StepItem => {
    const { tag, duty, model, type } = position;
    const item = itemOf(position);
    if (type === undefined || !(supplyPa > 0)) return item;
    const { openKv, characteristic, turns } = benchValve({ ...duty, medium: line.medium }, model ?? type);
    if (openKv === undefined) return item;
    const areaM2Edr = usualRadiatorM2(duty.dn);
    const [set] = setRadiators(
      [{ tag, dn: duty.dn, areaM2Edr, openKv, characteristic, turns, distanceM: at }],
      { supplyPa, returnPa: 0 },
    );
    return set?.stop === undefined
      ? item
      : {
          ...item,
          figures: [{ label: 'Stop, turns from closed', value: set.stop.stopSetting }],
          note: 'For the radiator a valve of this size usually feeds. Where yours was measured, take the turns from the bench.',
        };
  });
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
