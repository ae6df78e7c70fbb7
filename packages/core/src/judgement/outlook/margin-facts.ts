import { MEDIUM_FACTS } from '../../ground/media/index.js';
import type { Duty, DutyFact } from '../duty/index.js';
import { factOf } from './read-facts.js';

/** Fastest water that is reckoned with, m/s. */
const FASTEST_MS = 10;
const MM = 1000;

interface MarginFactRow {
  /** From the least to the most that is looked at, SI. */
  range: (duty: Duty) => readonly [number, number];
  /** Found to a thousandth of itself alone, however small it is. */
  isFine?: true;
}

const fixed = (least: number, most: number) => (): readonly [number, number] => [least, most];

const boreM = (duty: Duty): number => duty.pipe?.insideDiameterM ?? duty.dn / MM;

/** Flow at a velocity in the pipe of a duty, m3/s. */
export const flowAtM3s = (duty: Duty, velocityMs: number): number =>
  (velocityMs * Math.PI * boreM(duty) ** 2) / 4;

/** The facts a verdict can end with, and over what they are looked at. A row here is a margin more. */
const TABLE = {
  pressurePa: { range: fixed(0, 10e6) },
  temperatureC: { range: ({ medium }) => MEDIUM_FACTS[medium].rangeC },
  flowM3s: { range: (duty) => [0, flowAtM3s(duty, FASTEST_MS)], isFine: true },
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

/** The figures among the margin facts that a duty gives. */
export const marginFactsOf = (duty: Duty): MarginFact[] =>
  MARGIN_FACTS.filter((fact) => factOf(duty, fact) !== undefined);
