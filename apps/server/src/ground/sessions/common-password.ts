import { dictionary } from '@zxcvbn-ts/language-common';
import { InvalidInput } from '@grevik/core';

const COMMON: ReadonlySet<unknown> = new Set(dictionary.passwords);
const FIGURES_BEHIND = /[\d\W_]+$/;

/**
 * Refuses a password that guessers try first: one of the fifty thousand most used, with or without figures behind it, or somebody's own e-mail.
 *
 * @throws InvalidInput naming the field
 *
 * @example
 * refuseCommonPassword('Password123!', 'ada@works.example') // throws
 */
export function refuseCommonPassword(password: string, email: string, field = 'password'): void {
  const said = password.toLowerCase();
  const isCommon = COMMON.has(said) || COMMON.has(said.replace(FIGURES_BEHIND, ''));
  if (isCommon || said.includes(email.toLowerCase().split('@')[0] ?? email) || new Set(said).size < 5)
    throw new InvalidInput(
      field,
      'That password is too common. Use a few words that do not belong together.',
    );
}
