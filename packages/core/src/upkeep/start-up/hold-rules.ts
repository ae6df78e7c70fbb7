import { type Medium, isFuelGas, isSteam } from '../../ground/media/index.js';
import { FT3_M3, PSI_PA } from '../../ground/units/index.js';

/** Kinds of line that are put under test alike. */
export const LINE_KINDS = [
  'building-water',
  'fuel-gas',
  'sprinkler',
  'buried-main',
  'low-pressure-steam',
  'wash-line',
  'lift-station-main',
] as const;
export type LineKind = (typeof LINE_KINDS)[number];

/** What decides how long and at what pressure a line is held. */
export interface HeldLine {
  /** Highest pressure of its positions, Pa gauge; undefined where none is known. */
  workingPa?: number | undefined;
  /** What its pipe holds, m3; undefined where a run has no length or bore. */
  volumeM3?: number | undefined;
}

export interface HoldRule {
  words: string;
  /** What the line is filled with. */
  by: 'air' | 'water';
  /** The rule as one says it. */
  asks: string;
  /** What is read, and what it may not show. */
  how: string;
  pressurePa: (line: HeldLine) => number | undefined;
  holdS: (line: HeldLine) => number | undefined;
  source: string;
  /** Set by the company. */
  isOwn?: true;
}

const MINUTE_S = 60;
const HOUR_S = 3600;
const times =
  (factor: number) =>
  ({ workingPa }: HeldLine): number | undefined =>
    workingPa === undefined ? undefined : factor * workingPa;

/** Gas lines of less than this are held for ten minutes, m3. */
const SMALL_GAS_M3 = 10 * FT3_M3;
const HALF_HOUR_M3 = 500 * FT3_M3;
const LEAST_GAS_PA = 3 * PSI_PA;
const SPRINKLER_PA = 200 * PSI_PA;
const HIGH_STATIC_PA = 150 * PSI_PA;

/** Pressure and time by kind of line: common practice in North American codes and waterworks standards. Local code and the authority go before it. */
export const HOLD_RULES: Readonly<Record<LineKind, HoldRule>> = {
  'building-water': {
    words: 'building water',
    by: 'water',
    asks: '1.5 × working pressure for 15 minutes, by water',
    how: 'No drop once corrected for temperature.',
    pressurePa: times(1.5),
    holdS: () => 15 * MINUTE_S,
    source: 'Model plumbing codes; 1.5 × working is usual practice.',
  },
  'fuel-gas': {
    words: 'fuel gas',
    by: 'air',
    asks: '1.5 × working pressure, not under 3 psi, by air or nitrogen, never oxygen; 10 minutes, and half an hour for each 500 cubic feet of a larger line',
    how: 'No drop. The gauge reads at most five times the test pressure. Appliances and regulators not made for the pressure are removed or isolated first.',
    pressurePa: (line) => Math.max(times(1.5)(line) ?? LEAST_GAS_PA, LEAST_GAS_PA),
    holdS: ({ volumeM3 }) =>
      volumeM3 === undefined
        ? undefined
        : volumeM3 <= SMALL_GAS_M3
          ? 10 * MINUTE_S
          : 30 * MINUTE_S * Math.ceil(volumeM3 / HALF_HOUR_M3),
    source: 'NFPA 54.',
  },
  sprinkler: {
    words: 'sprinkler',
    by: 'water',
    asks: '200 psi, or 50 psi over the static pressure where that is more than 150 psi, for two hours',
    how: 'No loss.',
    pressurePa: ({ workingPa }) =>
      workingPa !== undefined && workingPa > HIGH_STATIC_PA
        ? workingPa + SPRINKLER_PA - HIGH_STATIC_PA
        : SPRINKLER_PA,
    holdS: () => 2 * HOUR_S,
    source: 'NFPA 13.',
  },
  'buried-main': {
    words: 'buried main',
    by: 'water',
    asks: '1.5 × working pressure at the low end, at least 1.25 × at the high, for two hours',
    how: 'The water made up is measured.',
    pressurePa: times(1.5),
    holdS: () => 2 * HOUR_S,
    source: 'AWWA C600.',
  },
  'low-pressure-steam': {
    words: 'low-pressure steam',
    by: 'air',
    asks: '5 psi of air, cold, for 30 minutes; then hot',
    how: 'No weep when hot.',
    pressurePa: () => 5 * PSI_PA,
    holdS: () => 30 * MINUTE_S,
    source: 'Usual practice of steam fitters.',
  },
  'wash-line': {
    words: 'wash line',
    by: 'water',
    asks: '1.1 × the machine’s pressure for 10 minutes, by water',
    how: 'No drop, no sweat at swivels.',
    pressurePa: times(1.1),
    holdS: () => 10 * MINUTE_S,
    source: 'Usual practice.',
  },
  'lift-station-main': {
    words: 'lift-station main',
    by: 'water',
    asks: '1.5 × the pump’s shut-off head for one hour, by water',
    how: 'The water made up is measured.',
    // A pump's shut-off head is no fact of a line: it is typed from the pump's curve.
    pressurePa: () => undefined,
    holdS: () => HOUR_S,
    source: 'Usual practice of sewer authorities.',
  },
};

const KIND_OF: Partial<Record<Medium, LineKind>> = {
  'potable-cold': 'building-water',
  'potable-hot': 'building-water',
  'heating-water': 'building-water',
  irrigation: 'building-water',
  'fire-water': 'sprinkler',
  'raw-sewage': 'lift-station-main',
  'screened-effluent': 'lift-station-main',
  slurry: 'lift-station-main',
  'wash-water-high-pressure': 'wash-line',
};

/**
 * The kind of a line for its test.
 *
 * @param line medium, and whether its pipe is buried
 * @returns undefined where no rule is kept: the specification is asked
 *
 * @example
 * lineKindOf({ medium: 'natural-gas', isBuried: false }) // 'fuel-gas'
 */
export function lineKindOf({
  medium,
  isBuried,
}: {
  medium: Medium;
  isBuried: boolean;
}): LineKind | undefined {
  if (isFuelGas(medium)) return 'fuel-gas';
  if (isSteam(medium)) return 'low-pressure-steam';
  const kind = KIND_OF[medium];
  return kind === 'building-water' && isBuried ? 'buried-main' : kind;
}
