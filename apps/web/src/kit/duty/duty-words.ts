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
import { words } from '../../words';
import { en } from '../../words/en';

/** A list to choose a word of the sentence from. */
export interface Choice<T> {
  value: T;
  words: string;
}

export const FUNCTION_CHOICES: readonly Choice<ValveFunction>[] = VALVE_FUNCTIONS.map((value) => ({
  value,
  words: capitalized(FUNCTION_WORDS[value]),
}));

export const PIPE_CHOICES: readonly Choice<PipeMaterial>[] = PIPE_MATERIALS.map((value) => ({
  value,
  words: PIPE_FACTS[value].words,
}));

export const ORIENTATION_CHOICES: readonly Choice<NonNullable<PositionDuty['orientation']>>[] =
  ORIENTATIONS.map((value) => ({ value, words: words(`directions.${value}`) }));

export const PLACE_CHOICES: readonly Choice<NonNullable<PositionDuty['place']>>[] = PLACES.map((value) => ({
  value,
  words: words(`places.${value}`),
}));

export const TURNED_CHOICES: readonly Choice<number>[] = [
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
