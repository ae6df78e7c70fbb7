/** What is wrong with one field of an input: its path, the value found and what would be right. */
export class InvalidInput extends Error {
  readonly code = 'invalid-input';

  constructor(
    readonly field: string,
    message: string,
  ) {
    super(message);
    this.name = 'InvalidInput';
  }
}
