import {
  FUNCTION_WORDS,
  PIPE_FACTS,
  type PipeMaterial,
  type PositionDuty,
  type Quantity,
  type ValveFunction,
} from '@grevik/core';
import type { Figures } from '../useFigures';
import { words } from '../../words';
import { en } from '../../words/en';
import { ORIENTATION_CHOICES, PLACE_CHOICES, TURNED_CHOICES, isCondition, wordsOf } from './duty-words';

/** A fact of a duty that can differ on its own. The pipe counts as two: what it is, and the run back. */
export type DutyFact = Exclude<keyof PositionDuty, 'pipe'> | 'pipe' | 'run';

const QUANTITIES: Partial<Record<DutyFact, Quantity>> = {
  pressurePa: 'pressure',
  temperatureC: 'temperature',
  flowM3s: 'flow',
  run: 'length',
  headroomM: 'length',
  distanceToApplianceM: 'length',
  differentialPa: 'pressure',
  surgeLimitPa: 'pressure',
  outletPressurePa: 'pressure',
  heatInputW: 'heat',
  smallestPassageM: 'length',
  closureTimeS: 'time',
};

const NAMES: Partial<Record<DutyFact, string>> = {
  function: words('duty.function'),
  dn: words('duty.size'),
  pressurePa: words('duty.pressure'),
  temperatureC: words('duty.temperature'),
  flowM3s: words('duty.flow'),
  pipe: words('duty.pipe'),
  run: words('duty.run'),
  orientation: words('duty.direction'),
  place: words('duty.place'),
  operatedPerYear: words('duty.often'),
};

/** What a fact is called. */
export function factName(fact: DutyFact): string {
  if (isCondition(fact)) return words(`conditions.${fact}`);
  return NAMES[fact] ?? (fact in en.facts ? words(`facts.${fact as 'solids'}`) : fact);
}

/** A fact of a duty, on its own. */
export function factOf(duty: PositionDuty, fact: DutyFact): unknown {
  if (fact === 'pipe') return duty.pipe?.material;
  if (fact === 'run') return duty.pipe?.lengthUpstreamM;
  return duty[fact];
}

/** A duty with one fact taken from another. */
export function withFact(duty: PositionDuty, fact: DutyFact, from: PositionDuty): PositionDuty {
  if (fact !== 'pipe' && fact !== 'run') {
    const { [fact]: _before, ...rest } = duty;
    return { ...rest, ...(from[fact] !== undefined && { [fact]: from[fact] }) } as PositionDuty;
  }
  const { pipe: before, ...rest } = duty;
  const { material } = (fact === 'pipe' ? from.pipe : before) ?? {};
  if (!material) return rest;
  const { lengthUpstreamM } = (fact === 'run' ? from.pipe : before) ?? {};
  return {
    ...rest,
    pipe: { ...before, material, ...(lengthUpstreamM !== undefined && { lengthUpstreamM }) },
  };
}

/** The facts in which two duties differ. */
export function factsApart(one: PositionDuty, other: PositionDuty): DutyFact[] {
  const names = new Set([...Object.keys(one), ...Object.keys(other), 'run']) as Set<DutyFact>;
  return [...names].filter((fact) => factOf(one, fact) !== factOf(other, fact));
}

/** What a fact says, in the person's units. */
export function factWords(duty: PositionDuty, fact: DutyFact, figures: Figures): string {
  const value = factOf(duty, fact);
  if (value === undefined) return words('log.unknown');
  if (typeof value === 'boolean') return words(value ? 'log.yes' : 'log.no');
  if (fact === 'function') return FUNCTION_WORDS[value as ValveFunction];
  if (fact === 'pipe') return PIPE_FACTS[value as PipeMaterial].words;
  if (fact === 'orientation') return wordsOf(ORIENTATION_CHOICES, duty.orientation) ?? '';
  if (fact === 'place') return wordsOf(PLACE_CHOICES, duty.place) ?? '';
  if (fact === 'dn') return figures.size(duty.dn);
  const quantity = QUANTITIES[fact];
  if (quantity) return figures.quantity(value as number, quantity);
  if (typeof value === 'string' && value in en.factValues) return words(`factValues.${value as 'grit'}`);
  return (fact === 'operatedPerYear' && wordsOf(TURNED_CHOICES, value as number)) || String(value);
}
