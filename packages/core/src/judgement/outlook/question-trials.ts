import { MEDIUM_FACTS } from '../../ground/media/index.js';
import { PIPE_MATERIALS } from '../../ground/pipes/index.js';
import {
  type Duty,
  type DutyFact,
  FLOW_PATTERNS,
  ORIENTATIONS,
  PLACES,
  SOLIDS,
  THREADS,
} from '../duty/index.js';
import { flowAtM3s } from './margin-facts.js';
import { factOf } from './read-facts.js';

export type TrialValue = string | number | boolean;

const FLOW_MS = [0.3, 1, 2, 4, 6];
const TEMPERATURES_C = [5, 40, 65, 90];
const either = (): readonly TrialValue[] => [true, false];
const oneOf = (values: readonly TrialValue[]) => (): readonly TrialValue[] => values;

/** What a fact that is left open could be. A row here makes a fact one that can be asked. */
const TRIALS: Readonly<Partial<Record<DutyFact, (duty: Duty) => readonly TrialValue[]>>> = {
  pressurePa: oneOf([1.5e5, 4e5, 7e5, 1.1e6, 2e6]),
  temperatureC: ({ medium }) => {
    const [least, most] = MEDIUM_FACTS[medium].rangeC;
    return TEMPERATURES_C.filter((value) => value >= least && value <= most);
  },
  flowM3s: (duty) => FLOW_MS.map((velocityMs) => flowAtM3s(duty, velocityMs)),
  smallestPassageM: oneOf([0.05, 0.08]),
  'pipe.material': (duty) => (duty.pipe ? [] : PIPE_MATERIALS),
  'pipe.lengthUpstreamM': (duty) => (duty.pipe ? [3, 30, 300] : []),
  startsPerHour: oneOf([1, 6, 20]),
  operatedPerYear: oneOf([0, 1, 12, 365]),
  closureTimeS: oneOf([0.1, 1, 10]),
  headroomM: oneOf([0.3, 1, 3]),
  distanceToApplianceM: oneOf([1, 3]),
  differentialPa: oneOf([1e4, 1e5]),
  surgeLimitPa: oneOf([1e6]),
  threads: oneOf(THREADS),
  orientation: oneOf(ORIENTATIONS),
  flowPattern: oneOf(FLOW_PATTERNS),
  solids: oneOf(SOLIDS),
  place: oneOf(PLACES),
  otherRoom: either,
  supplyPressureLow: either,
  screened: either,
  hardWater: either,
  chloramine: either,
  aggressiveToBrass: either,
  publicAccess: either,
  livestock: either,
  lockout: either,
  mustSeePosition: either,
  passThrough: either,
  endOfLine: either,
  serviceable: either,
  fineControl: either,
  reverseFlowPossible: either,
  existing: either,
  occupied: either,
  crossConnection: either,
};

/**
 * The facts a duty leaves open, each with what it could be.
 *
 * @param duty  as the position gives it
 * @param asked facts that are tried although the duty gives them, since they are only assumed
 *
 * @example
 * openFacts({ medium: 'potable-cold', function: 'isolate', dn: 20 }).find(({ fact }) => fact === 'solids').values // ['none', ...]
 */
export function openFacts(
  duty: Duty,
  asked: readonly DutyFact[] = [],
): { fact: DutyFact; values: readonly TrialValue[] }[] {
  return (Object.keys(TRIALS) as DutyFact[]).flatMap((fact) => {
    if (factOf(duty, fact) !== undefined && !asked.includes(fact)) return [];
    const values = TRIALS[fact]?.(duty) ?? [];
    return values.length > 0 ? [{ fact, values }] : [];
  });
}
