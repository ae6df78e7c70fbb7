import { InvalidInput, shown } from '../../ground/input/index.js';
import type { Quantity } from '../../ground/units/index.js';

/** What is typed or ticked for one thing of a step. */
export type StepValues = Readonly<Record<string, string | number | boolean>>;

/** One thing that is typed or ticked. A figure without a quantity is only counted. */
export type StepField = { name: string; label: string } & (
  | { kind: 'tick' }
  | { kind: 'text'; isOptional?: true }
  | { kind: 'choice'; choices: readonly { id: string; words: string }[] }
  | { kind: 'figure'; quantity?: Quantity; isOptional?: true }
);

const LONGEST_TEXT = 500;
const LARGEST = 1e9;

/**
 * Checks what was typed for one thing of a step.
 *
 * @param fields of the step
 * @param values by the names of the fields; figures in SI
 * @throws InvalidInput naming the field, what it holds and what would be right
 *
 * @example
 * checkStepValues([{ name: 'turns', label: 'Turns', kind: 'figure' }], { turns: 11.5 }) // nothing
 */
export function checkStepValues(fields: readonly StepField[], values: StepValues): void {
  for (const [name, value] of Object.entries(values)) {
    const field = fields.find((of) => of.name === name);
    if (!field)
      throw new InvalidInput(
        `values.${name}`,
        `values.${name} is not asked here. Asked are ${fields.map((of) => of.name).join(', ')}.`,
      );
    const takes = takesOf(field, value);
    if (takes !== undefined)
      throw new InvalidInput(`values.${name}`, `values.${name} must be ${takes}; it is ${shown(value)}.`);
  }
}

/** What a field takes, where a value is not that. */
function takesOf(field: StepField, value: unknown): string | undefined {
  switch (field.kind) {
    case 'tick':
      return typeof value === 'boolean' ? undefined : 'true or false';
    case 'text':
      return typeof value === 'string' && value.length <= LONGEST_TEXT
        ? undefined
        : `a text of at most ${LONGEST_TEXT} characters`;
    case 'choice': {
      const ids = field.choices.map(({ id }) => id);
      return typeof value === 'string' && ids.includes(value) ? undefined : `one of ${ids.join(', ')}`;
    }
    case 'figure':
      return typeof value === 'number' && Number.isFinite(value) && Math.abs(value) <= LARGEST
        ? undefined
        : 'a number';
  }
}

/** Whether everything that is asked for was typed or ticked. */
export const isFilled = (fields: readonly StepField[], values: StepValues): boolean =>
  fields.every((field) => {
    const value = values[field.name];
    if (field.kind === 'tick') return value === true;
    return 'isOptional' in field || (value !== undefined && value !== '');
  });
