import { InvalidInput } from '../../ground/input/index.js';
import { parseQuantity } from '../../ground/units/index.js';
import type { StationSample } from './station-phases.js';

/** Where the figures of a station’s log stand in its rows. */
export interface StationColumns {
  timeAt: number;
  levelAt: number;
  pumpAt: number;
  /** Meters of one unit of the level. */
  levelM: number;
}

const ON = /^(?:1|on|true|yes|run|running)$/i;
const OFF = /^(?:0|off|false|no|stop|stopped|rest)$/i;

/**
 * Reads the headings of a level recorder’s file.
 *
 * @param headings of its first row: one names the time, one the level with its unit (meters where none stands), one the pump
 * @throws InvalidInput where one of the three is missing
 *
 * @example
 * stationColumns(['timeS', 'levelM', 'pumpOn']).levelM // 1
 */
export function stationColumns(headings: readonly string[]): StationColumns {
  const at = (name: string, pattern: RegExp): number => {
    const index = headings.findIndex((heading) => pattern.test(heading));
    if (index < 0)
      throw new InvalidInput(
        'file',
        `file has no column for the ${name}: time, level and pump must be named in its first row, as timeS, level (ft), pumpOn.`,
      );
    return index;
  };
  const levelAt = at('level', /level/i);
  const unit = (headings[levelAt] ?? '')
    .replace(/level/i, '')
    .replace(/[()[\],_]/g, ' ')
    .trim()
    .toLowerCase();
  return {
    timeAt: at('time', /time|date|moment/i),
    levelAt,
    pumpAt: at('pump', /pump/i),
    levelM: unit === '' || unit === 'm' ? 1 : parseQuantity(`1 ${unit}`, 'length', 'level'),
  };
}

/**
 * Reads a row of a level recorder’s file.
 *
 * @param row     cells as they stand there; the time in seconds or as an ISO moment
 * @param columns of its headings
 * @returns undefined where a cell cannot be read
 *
 * @example
 * stationSample(['10', '1.2', '0'], stationColumns(['timeS', 'levelM', 'pumpOn'])) // { timeS: 10, levelM: 1.2, pumpOn: false }
 */
export function stationSample(row: readonly string[], columns: StationColumns): StationSample | undefined {
  const time = (row[columns.timeAt] ?? '').trim();
  const timeS = Number.isFinite(Number(time || NaN)) ? Number(time) : Date.parse(time) / 1000;
  const levelM = Number((row[columns.levelAt] ?? '').trim() || NaN) * columns.levelM;
  const pump = (row[columns.pumpAt] ?? '').trim();
  const pumpOn = ON.test(pump) ? true : OFF.test(pump) ? false : undefined;
  return Number.isFinite(timeS) && Number.isFinite(levelM) && pumpOn !== undefined
    ? { timeS, levelM, pumpOn }
    : undefined;
}
