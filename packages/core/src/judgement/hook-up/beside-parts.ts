import { isLiquid, isPotable } from '../../ground/media/index.js';
import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { Candidate, Duty } from '../duty/index.js';
import { isCopperAlloy } from '../../ground/valves/index.js';
import type { JoinedSide, Connection } from './connection.js';
import type { Part } from './part.js';
import { isRubberFaced } from './flanged-connections.js';

const STEELS: readonly PipeMaterial[] = ['steel', 'galvanised'];
const IRONS: readonly string[] = ['carbon-steel', 'grey-iron', 'ductile-iron'];

/** Copper alloy beside iron or steel, either way round. */
const rustsBeside = (pipe: PipeMaterial, body = ''): boolean =>
  (STEELS.includes(pipe) && isCopperAlloy(body)) || (pipe === 'copper' && IRONS.includes(body));

/** Comes off only by turning the pipe or the valve. */
const isScrewedOnly = ({ joints, parts }: Connection): boolean =>
  joints.length > 0 && joints.every((id) => id === 'thread') && !parts.some(({ id }) => id === 'flange');

/**
 * What stands beside a joint: a dielectric fitting where copper alloy meets iron in a wet line, else a union on the far side where the valve
 * would only come out by turning it.
 *
 * @param side  with the connection chosen on it
 * @param sides both
 */
export function partsBeside(
  duty: Duty,
  valve: Candidate,
  { side, pipe, end, taken }: JoinedSide,
  sides: readonly JoinedSide[],
): Part[] {
  if (!taken) return [];
  if (isLiquid(duty.medium) && rustsBeside(pipe.material, valve.bodyMaterial)) {
    const flange = taken.parts.find(({ id }) => id === 'flange');
    if (!flange?.drilling) return [{ id: 'dielectric-union', count: 1, dn: pipe.dn }];
    // A rubber face keeps the flanges apart already.
    return isRubberFaced(valve, end)
      ? []
      : [{ id: 'insulating-kit', count: 1, dn: duty.dn, drilling: flange.drilling }];
  }
  const needsUnion =
    side === 'out' &&
    valve.pieces !== 3 &&
    sides.every((one) => one.taken !== undefined && isScrewedOnly(one.taken)) &&
    sides.every((one) => !rustsBeside(one.pipe.material, valve.bodyMaterial) || !isLiquid(duty.medium));
  const lead = isPotable(duty.medium) ? { leadFree: true as const } : {};
  return needsUnion ? [{ id: 'union', count: 1, dn: duty.dn, ...lead }] : [];
}

/** What a valve in the ground is reached by, and kept from rusting with. */
export function buriedParts(
  { place }: Duty,
  { bodyMaterial }: Candidate,
  coverM: number | undefined,
): Part[] {
  if (place !== 'buried') return [];
  return [
    { id: 'box', count: 1 },
    { id: 'extension', count: 1, ...(coverM !== undefined && { lengthM: coverM }) },
    { id: 'key', count: 1 },
    ...(IRONS.includes(bodyMaterial ?? '') ? [{ id: 'wrap', count: 1 } as const] : []),
  ];
}
