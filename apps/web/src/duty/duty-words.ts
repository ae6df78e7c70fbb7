import {
  FUNCTION_WORDS,
  PIPE_FACTS,
  PIPE_MATERIALS,
  type PipeMaterial,
  type PositionDuty,
  VALVE_FUNCTIONS,
  type ValveFunction,
} from '@grevik/core';

/** A list to choose a word of the sentence from. */
export interface Choice<T> {
  value: T;
  words: string;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export const FUNCTION_CHOICES: readonly Choice<ValveFunction>[] = VALVE_FUNCTIONS.map((value) => ({
  value,
  words: capital(FUNCTION_WORDS[value]),
}));

export const PIPE_CHOICES: readonly Choice<PipeMaterial>[] = PIPE_MATERIALS.map((value) => ({
  value,
  words: PIPE_FACTS[value].words,
}));

export const ORIENTATION_CHOICES: readonly Choice<NonNullable<PositionDuty['orientation']>>[] = [
  { value: 'horizontal', words: 'level' },
  { value: 'vertical-up', words: 'flowing upward' },
  { value: 'vertical-down', words: 'flowing downward' },
];

export const PLACE_CHOICES: readonly Choice<NonNullable<PositionDuty['place']>>[] = [
  { value: 'indoors', words: 'indoors' },
  { value: 'outdoors', words: 'outdoors' },
  { value: 'pit', words: 'in a pit' },
  { value: 'buried', words: 'buried' },
  { value: 'concealed', words: 'behind a closed wall' },
];

export const TURNED_CHOICES: readonly Choice<number>[] = [
  { value: 0, words: 'never' },
  { value: 1, words: 'once a year' },
  { value: 2, words: 'twice a year' },
  { value: 12, words: 'every month' },
  { value: 52, words: 'every week' },
  { value: 365, words: 'every day' },
];

/** What is either so or not, as the sentence says it. */
export const CONDITIONS = {
  hardWater: 'the water scales',
  chloramine: 'chloramine in the water',
  aggressiveToBrass: 'the water eats brass',
  fineControl: 'set finely',
  supplyPressureLow: 'little pressure to spare',
  mustSeePosition: 'its position must show',
  lockout: 'a lock must hang on it',
  passThrough: 'a snake or camera passes',
  endOfLine: 'holds with the pipe beyond off',
  serviceable: 'taken apart to clean',
  reverseFlowPossible: 'the flow may turn',
  crossConnection: 'a hazard to drinking water beyond',
  existing: 'already in the wall',
  occupied: 'people around while working',
  publicAccess: 'the public can reach it',
  livestock: 'animals rub on it',
} as const satisfies Partial<Record<keyof PositionDuty, string>>;
export type Condition = keyof typeof CONDITIONS;

/** The words of a choice in force; undefined where none is taken. */
export function wordsOf<T>(choices: readonly Choice<T>[], value: T | undefined): string | undefined {
  return choices.find((choice) => choice.value === value)?.words;
}
