import {
  FUNCTION_WORDS,
  ORIENTATIONS,
  PIPE_FACTS,
  PIPE_MATERIALS,
  PLACES,
  type PipeMaterial,
  type PositionDuty,
  VALVE_FUNCTIONS,
  type ValveFunction,
  capitalized,
} from '@grevik/core';
import { en } from '@grevik/words';
import { translated, words } from '../../words';

/** A list to choose a word of the sentence from. */
export interface Choice<T> {
  value: T;
  words: string;
}

export const functionChoices = (): Choice<ValveFunction>[] =>
  VALVE_FUNCTIONS.map((value) => ({ value, words: capitalized(translated(FUNCTION_WORDS[value])) }));

export const pipeChoices = (): Choice<PipeMaterial>[] =>
  PIPE_MATERIALS.map((value) => ({ value, words: translated(PIPE_FACTS[value].words) }));

export const orientationChoices = (): Choice<NonNullable<PositionDuty['orientation']>>[] =>
  ORIENTATIONS.map((value) => ({ value, words: words(`directions.${value}`) }));

export const placeChoices = (): Choice<NonNullable<PositionDuty['place']>>[] =>
  PLACES.map((value) => ({ value, words: words(`places.${value}`) }));

export const turnedChoices = (): Choice<number>[] => [
  { value: 0, words: words('turned.never') },
  { value: 1, words: words('turned.yearly') },
  { value: 2, words: words('turned.twice') },
  { value: 12, words: words('turned.monthly') },
  { value: 52, words: words('turned.weekly') },
  { value: 365, words: words('turned.daily') },
];

/** What is either so or not, as the sentence says it. */
export type Condition = keyof typeof en.conditions & keyof PositionDuty;
export const CONDITIONS = Object.keys(en.conditions) as Condition[];

export const isCondition = (field: string): field is Condition => field in en.conditions;

/** The words of a choice in force; undefined where none is taken. */
export function wordsOf<T>(choices: readonly Choice<T>[], value: T | undefined): string | undefined {
  return choices.find((choice) => choice.value === value)?.words;
}
