/**
 * A sentence begins with a capital.
 *
 * @param words any text
 *
 * @example
 * capitalized('an eccentric plug') // 'An eccentric plug'
 */
export const capitalized = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
