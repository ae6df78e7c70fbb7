/** Longest message, and longest path of a field, that a refusal carries: what was sent may be of any length. */
const LONGEST_MESSAGE = 500;
const LONGEST_FIELD = 200;

/** What is wrong with one field of an input: its path, the value found and what would be right. */
export class InvalidInput extends Error {
  readonly code = 'invalid-input';
  readonly field: string;

  constructor(field: string, message: string) {
    super(shortened(message, LONGEST_MESSAGE));
    this.name = 'InvalidInput';
    this.field = shortened(field, LONGEST_FIELD);
  }
}

const shortened = (text: string, longest: number): string =>
  text.length <= longest ? text : `${text.slice(0, longest - 1)}…`;
