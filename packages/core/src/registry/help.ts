import type { Calculation } from '../ground/calculation/index.js';
import type { Field } from '../ground/input/index.js';

/** What `--help` prints for a calculation: its fields with their units, what it gives, its notes and an example. */
export function helpText(calculation: Calculation): string {
  return [
    `${calculation.name}: ${calculation.summary}`,
    '',
    'Takes (JSON; a list of inputs gives a list of results):',
    ...fieldLines(calculation.input, '  '),
    '',
    'Gives:',
    ...Object.entries(calculation.gives).map(([name, meaning]) => `  ${name}: ${meaning}`),
    '',
    ...calculation.notes,
    ...basisLines(calculation),
    '',
    `Example: ${JSON.stringify(calculation.example)}`,
    '',
  ].join('\n');
}

function basisLines({ basis }: Calculation): string[] {
  if (!basis) return [];
  const { method, source, limits, ignores } = basis;
  return [`Method: ${method}`, `Source: ${source}`, `Holds: ${limits}`, `Leaves out: ${ignores}`];
}

function fieldLines(field: Field<unknown>, indent: string): string[] {
  return Object.entries(field.inside ?? {}).flatMap(([name, inner]) => [
    `${indent}${name}${inner.optional ? '?' : ''}: ${inner.inside ? (inner.meaning ?? shape(inner)) : [inner.takes, inner.meaning].filter(Boolean).join('; ')}`,
    ...fieldLines(inner, `${indent}  `),
  ]);
}

const shape = (field: Field<unknown>): string =>
  field.takes.startsWith('a list') ? 'a list of' : 'an object of';
