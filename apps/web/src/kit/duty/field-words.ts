import {
  FUNCTION_WORDS,
  PIPE_FACTS,
  type PipeMaterial,
  type PositionDuty,
  type Quantity,
  type ValveFunction,
} from '@grevik/core';
import type { Figures } from '../useFigures';
import { translated, words } from '../../words';
import { en } from '@grevik/words';
import { orientationChoices, placeChoices, turnedChoices, isCondition, wordsOf } from './duty-words';

/** A fact of a duty that can differ on its own, with its origin. The pipe counts as two: what it is, and the run back. */
export type DutyFact = Exclude<keyof PositionDuty, 'origins'> | 'run';

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

/** How facts are called under `duty` in the table of words. */
const NAMES = {
  function: 'function',
  dn: 'size',
  pressurePa: 'pressure',
  temperatureC: 'temperature',
  flowM3s: 'flow',
  pipe: 'pipe',
  run: 'run',
  orientation: 'direction',
  place: 'place',
  operatedPerYear: 'often',
} as const satisfies Partial<Record<DutyFact, keyof typeof en.duty>>;

/** How the sentence names a fact that the rules name. */
export const sentenceFact = (fact: string): DutyFact =>
  fact === 'pipe.material' ? 'pipe' : fact === 'pipe.lengthUpstreamM' ? 'run' : (fact as DutyFact);

/** The quantity a fact is a figure of; undefined where it is a word. */
export const quantityOf = (fact: DutyFact): Quantity | undefined => QUANTITIES[fact];

/** A figure of a fact, in the person's units; what is only counted to two figures that count. */
export function figureWords(fact: DutyFact, value: number, figures: Figures): string {
  const quantity = quantityOf(fact);
  return quantity ? figures.quantity(value, quantity) : String(Number(value.toPrecision(2)));
}

/** What a fact is called. */
export function factName(fact: DutyFact): string {
  if (isCondition(fact)) return words(`conditions.${fact}`);
  if (fact in NAMES) return words(`duty.${NAMES[fact as keyof typeof NAMES]}`);
  return fact in en.facts ? words(`facts.${fact as 'solids'}`) : fact;
}

/** A fact of a duty, on its own. */
export function factOf(duty: PositionDuty, fact: DutyFact): unknown {
  if (fact === 'pipe') return duty.pipe?.material;
  if (fact === 'run') return duty.pipe?.lengthUpstreamM;
  return duty[fact];
}

/** A duty with one fact and its origin taken from another. */
export function withFact(duty: PositionDuty, fact: DutyFact, from: PositionDuty): PositionDuty {
  const { origins: before, ...rest } = withValue(duty, fact, from);
  const key = originKey(fact);
  const { [key]: _before, ...others } = before ?? {};
  const origin = from.origins?.[key];
  const origins = { ...others, ...(origin !== undefined && { [key]: origin }) };
  return { ...rest, ...(Object.keys(origins).length > 0 && { origins }) };
}

function withValue(duty: PositionDuty, fact: DutyFact, from: PositionDuty): PositionDuty {
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

/** The facts in which two duties differ, in value or in origin. */
export function factsApart(one: PositionDuty, other: PositionDuty): DutyFact[] {
  const names = new Set([...Object.keys(one), ...Object.keys(other), 'run']) as Set<DutyFact | 'origins'>;
  return [...names].filter(
    (fact): fact is DutyFact =>
      fact !== 'origins' &&
      (factOf(one, fact) !== factOf(other, fact) || originWords(one, fact) !== originWords(other, fact)),
  );
}

/** Where a fact is listed among the origins of a duty. */
export const originKey = (fact: DutyFact): string => (fact === 'run' ? 'pipe.lengthUpstreamM' : fact);

/** Where a fact comes from; undefined where it is not known or somebody simply said so. */
export function originWords(duty: PositionDuty, fact: DutyFact): string | undefined {
  const origin = duty.origins?.[originKey(fact)];
  if (origin === undefined || origin === 'said' || factOf(duty, fact) === undefined) return undefined;
  return words(`factOrigins.${origin}`);
}

/** What a fact says, in the person's units, and where it comes from. */
export function factWords(duty: PositionDuty, fact: DutyFact, figures: Figures): string {
  const from = originWords(duty, fact);
  return `${valueWords(duty, fact, figures)}${from === undefined ? '' : `, ${from}`}`;
}

function valueWords(duty: PositionDuty, fact: DutyFact, figures: Figures): string {
  const value = factOf(duty, fact);
  if (value === undefined) return words('log.unknown');
  if (typeof value === 'boolean') return words(value ? 'log.yes' : 'log.no');
  if (fact === 'function') return translated(FUNCTION_WORDS[value as ValveFunction]);
  if (fact === 'pipe') return translated(PIPE_FACTS[value as PipeMaterial].words);
  if (fact === 'orientation') return wordsOf(orientationChoices(), duty.orientation) ?? '';
  if (fact === 'place') return wordsOf(placeChoices(), duty.place) ?? '';
  if (fact === 'dn') return figures.size(duty.dn);
  const quantity = QUANTITIES[fact];
  if (quantity) return figures.quantity(value as number, quantity);
  if (typeof value === 'string' && value in en.factValues) return words(`factValues.${value as 'grit'}`);
  return (fact === 'operatedPerYear' && wordsOf(turnedChoices(), value as number)) || String(value);
}
