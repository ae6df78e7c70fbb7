import { InvalidInput } from '../../ground/input/index.js';
import { parseQuantity } from '../../ground/units/index.js';
import type { TurnPoint } from './turn-curve.js';

/**
 * Reads the file of a turns and torque counter.
 *
 * @param rows cells row by row, the headings first: one names turns, one torque with its unit
 * @returns points, N m; rows that are no numbers are left out
 * @throws InvalidInput where the headings name no turns or no torque with a unit
 *
 * @example
 * readTurns([['turn', 'torque ft·lb'], ['0', '20']]) // [{ turn: 0, torqueNm: 27.1 }]
 */
export function readTurns(rows: readonly (readonly string[])[]): TurnPoint[] {
  const headings = rows[0] ?? [];
  const turnAt = headings.findIndex((heading) => /turn/i.test(heading));
  const torqueAt = headings.findIndex((heading) => /torque/i.test(heading));
  if (turnAt < 0 || torqueAt < 0)
    throw new InvalidInput(
      'file',
      'file has no columns for turn and torque: both must be named in its first row.',
    );
  const unit = (headings[torqueAt] ?? '')
    .replace(/torque/i, '')
    .replace(/[()[\],]/g, ' ')
    .trim();
  const factor = parseQuantity(`1 ${unit}`, 'torque', 'torque');
  return rows.slice(1).flatMap((row): TurnPoint[] => {
    const [turn, torque] = [Number(row[turnAt] || NaN), Number(row[torqueAt] || NaN)];
    return Number.isFinite(turn) && Number.isFinite(torque)
      ? [{ turn, torqueNm: Math.round(torque * factor * 10) / 10 }]
      : [];
  });
}
