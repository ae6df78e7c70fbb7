import { InvalidInput } from '../../ground/input/index.js';
import { type ValveType, valveTypeFacts } from '../../ground/valves/index.js';
import { fullyRoughFactor } from './friction-factor.js';

export interface ValveShape {
  type: ValveType;
  /** Bore of the valve over bore of the pipe, above 0 and at most 1. Default 1. */
  boreRatio?: number;
  /** Full angle of the taper into a reduced bore, degrees. Default 180, abrupt. */
  taperAngleDeg?: number;
  /** A swing check whose flapper lifts clear of the stream. */
  clearWay?: boolean;
  /** A three-way valve whose flow turns. */
  turning?: boolean;
}

/**
 * Handbook estimate of a fully open valve's resistance, where its maker gives no Kv.
 *
 * @param shape     type, bore ratio and taper
 * @param diameterM bore of the pipe, m: K refers to the velocity there
 * @returns K
 * @throws InvalidInput for a type whose loss is by capacity (pressure-reducing, relief), or a detail the type does not have
 * Source: K = n f_T, with the reduced-seat forms of Crane TP-410 for a bore ratio below 1.
 *
 * @example
 * valveResistance({ type: 'ball' }, 0.0525) // 0.0570
 */
export function valveResistance(shape: ValveShape, diameterM: number): number {
  const full = lossMultiple(shape, diameterM) * fullyRoughFactor(diameterM);
  if (shape.boreRatio === undefined && shape.taperAngleDeg !== undefined) {
    throw new InvalidInput(
      'valve.taperAngleDeg',
      'valve.taperAngleDeg belongs to a reduced bore: give valve.boreRatio with it.',
    );
  }
  const beta = shape.boreRatio ?? 1;
  const angle = shape.taperAngleDeg ?? 180;
  const half = Math.sin((angle / 2) * (Math.PI / 180));
  const narrowing = 1 - beta ** 2;
  const loss =
    angle <= 45
      ? half * (0.8 * narrowing + 2.6 * narrowing ** 2)
      : 0.5 * Math.sqrt(half) * narrowing + narrowing ** 2;
  return (full + loss) / beta ** 4;
}

function lossMultiple({ type, clearWay, turning }: ValveShape, diameterM: number): number {
  if (clearWay !== undefined && type !== 'check-swing')
    throw new InvalidInput('valve.clearWay', `valve.clearWay belongs to check-swing, not to ${type}.`);
  if (turning !== undefined && type !== 'plug-3-way' && type !== 'ball-3-way') {
    throw new InvalidInput('valve.turning', `valve.turning belongs to three-way valves, not to ${type}.`);
  }
  if (clearWay) return 50;
  if (turning) return 90;
  if (type === 'butterfly-resilient' || type === 'butterfly-metal') return butterflyMultiple(diameterM);
  const multiple = valveTypeFacts(type).lossMultiple;
  if (multiple === undefined) {
    throw new InvalidInput(
      'valve.type',
      `valve.type is "${type}", which loses by its capacity: give kv or cv from its sheet.`,
    );
  }
  return multiple;
}

/** DN50-200 45, DN250-350 35, DN400 and up 25, the DN being the nominal size nearest the bore. */
function butterflyMultiple(diameterM: number): number {
  if (diameterM < 0.225) return 45;
  return diameterM < 0.375 ? 35 : 25;
}
