import { type Language, tableOf } from '../languages.js';
import { sentenceReader } from './sentence-reader.js';

const readers = new Map<Language, (text: string) => string>();

/**
 * What reads texts of the core and the server in a language; it is made once. English is left as it is.
 *
 * @example
 * (await readerOf('es'))('in service') // 'en servicio'
 */
export async function readerOf(language: Language): Promise<(text: string) => string> {
  const table = await tableOf(language);
  const read = readers.get(language) ?? (table ? sentenceReader(table.sentences) : (text: string) => text);
  readers.set(language, read);
  return read;
}
