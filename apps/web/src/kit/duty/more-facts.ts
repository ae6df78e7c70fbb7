import {
  FLOW_PATTERNS,
  MEDIUM_FACTS,
  type Medium,
  type PositionDuty,
  type Quantity,
  SOLIDS,
  THREADS,
  isFuelGas,
} from '@grevik/core';
import { words } from '../../words';
import { en } from '@grevik/words';
import type { Choice } from './duty-words';
import type { DutyFact } from './field-words';

type Matters = (duty: PositionDuty, medium: Medium) => boolean;

/** A fact of the duty beside its sentence: how it is entered, and where it always shows. */
export type MoreFact = { matters?: Matters } & (
  | { fact: Exclude<DutyFact, 'run'>; quantity: Quantity }
  | { fact: Exclude<DutyFact, 'run'>; choices: () => readonly Choice<string | number>[] }
  | { fact: Exclude<DutyFact, 'run'>; yesOrNo: true }
);

/** Ids of a fact with their words. */
export const factChoices = <T extends keyof typeof en.factValues>(ids: readonly T[]): Choice<T>[] =>
  ids.map((value) => ({ value, words: words(`factValues.${value}` as const) }));

const STARTS = [0, 1, 2, 3, 4, 6, 8, 10, 12, 15, 20, 30, 60].map((value) => ({
  value,
  words: String(value),
}));

const isWaste: Matters = (_duty, medium) => MEDIUM_FACTS[medium].family === 'waste';
const stopsReverseFlow: Matters = ({ function: asked }) => asked === 'non-return';
const isGasLine: Matters = (_duty, medium) => isFuelGas(medium);

/** In the order people are asked. */
export const MORE_FACTS: readonly MoreFact[] = [
  {
    fact: 'outletPressurePa',
    quantity: 'pressure',
    matters: ({ function: asked }) => asked === 'reduce-pressure',
  },
  { fact: 'heatInputW', quantity: 'heat', matters: ({ function: asked }) => asked === 'relieve' },
  {
    fact: 'crossConnection',
    yesOrNo: true,
    matters: (duty, medium) => stopsReverseFlow(duty, medium) && MEDIUM_FACTS[medium].family === 'water',
  },
  { fact: 'solids', choices: () => factChoices(SOLIDS), matters: isWaste },
  { fact: 'smallestPassageM', quantity: 'length', matters: isWaste },
  { fact: 'screened', yesOrNo: true },
  {
    fact: 'startsPerHour',
    choices: () => STARTS,
    matters: (duty, medium) => stopsReverseFlow(duty, medium) || isWaste(duty, medium),
  },
  { fact: 'flowPattern', choices: () => factChoices(FLOW_PATTERNS), matters: stopsReverseFlow },
  { fact: 'distanceToApplianceM', quantity: 'length', matters: isGasLine },
  { fact: 'otherRoom', yesOrNo: true, matters: isGasLine },
  {
    fact: 'differentialPa',
    quantity: 'pressure',
    matters: ({ function: asked }) => asked === 'throttle',
  },
  { fact: 'closureTimeS', quantity: 'time' },
  { fact: 'surgeLimitPa', quantity: 'pressure' },
  { fact: 'headroomM', quantity: 'length' },
  { fact: 'threads', choices: () => factChoices(THREADS) },
];

export const yesOrNo = (): readonly Choice<string>[] => factChoices(['yes', 'no']);
