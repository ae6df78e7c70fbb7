/** Letters whose names begin with a vowel: an EPDM seat, a PTFE seat. */
const VOWEL_NAMES = /^[AEFHILMNORSX][A-Z]/;
/** Sounds that begin like "you" or "won". */
const CONSONANT_SOUNDS = /^(?:u[nst]i|eu|one\b)/i;

/**
 * Words with the indefinite article they are spoken with.
 *
 * @param words what follows the article
 *
 * @example
 * withArticle('eccentric plug valve') // 'an eccentric plug valve'
 */
export function withArticle(words: string): string {
  const isAn =
    VOWEL_NAMES.test(words) ||
    (/^[aeiou]/i.test(words) && !CONSONANT_SOUNDS.test(words) && !/^[A-Z]{2}/.test(words));
  return `${isAn ? 'an' : 'a'} ${words}`;
}
