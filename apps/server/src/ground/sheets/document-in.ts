import { type Language, readerOf } from '@grevik/words';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';

/** Where a document has texts, or parts that have some. */
const PARTS = new Set(['text', 'stack', 'columns', 'ul', 'ol', 'table', 'body', 'content']);

/**
 * A document with what Grevik says in it in a language; what people wrote stays as it is.
 *
 * @example
 * await documentIn('es', { content: 'Steps' }) // { content: 'Pasos' }
 */
export async function documentIn(
  language: Language,
  document: TDocumentDefinitions,
): Promise<TDocumentDefinitions> {
  if (language === 'en') return document;
  const read = await readerOf(language);
  const part = (of: unknown): unknown => {
    if (typeof of === 'string') return read(of);
    if (Array.isArray(of)) return of.map(part);
    if (of === null || typeof of !== 'object') return of;
    return Object.fromEntries(
      Object.entries(of).map(([name, value]) => [name, PARTS.has(name) ? part(value) : (value as unknown)]),
    );
  };
  return { ...document, content: part(document.content) as Content };
}
