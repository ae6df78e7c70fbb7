import { isQuarterTurn, stemTurns } from '../../ground/valves/index.js';
import type { StartUp } from './start-up.js';
import type { StartedLine, StartedPosition } from './started-line.js';

/** Turns to close a shut-off: counted here, usual for such a valve, a quarter turn, or not known. */
export type TurnsToClose = { kind: 'counted' | 'usual'; turns: number } | { kind: 'quarter' | 'unknown' };

/** One shut-off on the chart for the wall. */
export interface ChartedValve {
  position: StartedPosition;
  /** Which way it closes, where somebody tried it. */
  closes?: string;
  turns: TurnsToClose;
}

export interface ValveChart {
  /** The two to close first: emergency shut-offs, then those nearest to the source. */
  first: ChartedValve[];
  /** Every shut-off, in flow order. */
  valves: ChartedValve[];
}

/** Shut-offs that are said in large letters. */
const FIRST = 2;

/**
 * The chart for the wall: every shut-off of a line, and which to close first.
 *
 * @param line    its positions in flow order
 * @param startUp where it was operated, which way it closes and its turns are known
 *
 * @example
 * valveChart(line, startUp(line, [])).first[0]?.position.tag // 'CW-01'
 */
export function valveChart({ positions }: StartedLine, { steps }: Pick<StartUp, 'steps'>): ValveChart {
  const operated = new Map(
    steps.find(({ id }) => id === 'operate')?.items.map(({ id, values }) => [id, values]) ?? [],
  );
  const valves = positions
    .filter(({ duty }) => duty.function === 'isolate' || duty.function === 'emergency-shutoff')
    .map((position): ChartedValve => {
      const { closes, turns } = operated.get(position.id) ?? {};
      return {
        position,
        turns: turnsOf(position, turns),
        ...(typeof closes === 'string' && { closes: closes.replaceAll('-', ' ') }),
      };
    });
  const isEmergency = ({ position }: ChartedValve): boolean => position.duty.function === 'emergency-shutoff';
  const first = [...valves.filter(isEmergency), ...valves.filter((valve) => !isEmergency(valve))];
  return { first: first.slice(0, FIRST), valves };
}

function turnsOf({ type, duty: { dn } }: StartedPosition, counted: unknown): TurnsToClose {
  if (typeof counted === 'number') return { kind: 'counted', turns: counted };
  if (type === undefined) return { kind: 'unknown' };
  return isQuarterTurn(type)
    ? { kind: 'quarter' }
    : { kind: 'usual', turns: Math.round(stemTurns(type, dn)) };
}
