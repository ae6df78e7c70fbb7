import type { Medium } from '../../ground/media/index.js';
import type { Duty, DutyFact } from '../duty/index.js';
import { factOf } from './read-facts.js';

/** Fastest water that is reckoned with, m/s. */
const FASTEST_MS = 10;
const MM = 1000;
const WATER_C = [1, 95] as const;

/** Temperatures a medium is looked at over, degrees C. */
const RANGE_C: Partial<Record<Medium, readonly [number, number]>> = {
  'heating-water': [1, 150],
  'natural-gas': [-20, 50],
  'lp-gas': [-20, 50],
  'oxidiser-gas': [-20, 50],
  'compressed-air': [0, 60],
  'steam-low': [100, 120],
  'steam-vapour': [60, 108],
  'corrosive-liquid': [1, 100],
};

interface MarginFactRow {
  /** From the least to the most that is looked at, SI. */
  range: (duty: Duty) => readonly [number, number];
  /** Found to a thousandth of itself alone, however small it is. */
  isFine?: true;
}

const fixed = (least: number, most: number) => (): readonly [number, number] => [least, most];

const boreM = (duty: Duty): number => duty.pipe?.insideDiameterM ?? duty.dn / MM;

/** The facts a verdict can end with, and over what they are looked at. A row here is a margin more. */
const TABLE = {
  pressurePa: { range: fixed(0, 10e6) },
  temperatureC: { range: ({ medium }) => temperatureRangeC(medium) },
  flowM3s: { range: (duty) => [0, (FASTEST_MS * Math.PI * boreM(duty) ** 2) / 4], isFine: true },
  'pipe.lengthUpstreamM': { range: fixed(0, 10_000), isFine: true },
  startsPerHour: { range: fixed(0, 120) },
  operatedPerYear: { range: fixed(0, 365) },
  closureTimeS: { range: fixed(0.01, 600), isFine: true },
  headroomM: { range: fixed(0, 10), isFine: true },
  distanceToApplianceM: { range: fixed(0, 50), isFine: true },
  differentialPa: { range: fixed(0, 10e6) },
  surgeLimitPa: { range: fixed(1e4, 10e6) },
} as const satisfies Partial<Record<DutyFact, MarginFactRow>>;

export type MarginFact = keyof typeof TABLE;
export const MARGIN_FACTS = Object.keys(TABLE) as MarginFact[];
export const MARGIN_FACT_TABLE: Readonly<Record<MarginFact, MarginFactRow>> = TABLE;

/** What a medium’s temperature is looked at over, degrees C. */
export const temperatureRangeC = (medium: Medium): readonly [number, number] => RANGE_C[medium] ?? WATER_C;

/** The figures among the margin facts that a duty gives. */
export const marginFactsOf = (duty: Duty): MarginFact[] =>
  MARGIN_FACTS.filter((fact) => factOf(duty, fact) !== undefined);

/** Flow at a velocity in the pipe of a duty, m3/s. */
export const flowAtM3s = (duty: Duty, velocityMs: number): number =>
  (velocityMs * Math.PI * boreM(duty) ** 2) / 4;
