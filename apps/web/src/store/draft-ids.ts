import { useMemo } from 'react';
import { newId } from './new-id';

/** Ids of what one draft sends. */
export interface DraftIds {
  /** The id of a part of the draft, by what it says: the same each time until the server has answered. */
  of(part: string): string;
  /** The server has answered: what is sent from now on is something new. */
  answered(): void;
}

const keyOf = (draft: string): string => `grevik.draft.${draft}`;

function read(draft: string): Record<string, string> {
  try {
    return JSON.parse(sessionStorage.getItem(keyOf(draft)) ?? '{}') as Record<string, string>;
  } catch {
    return {};
  }
}

/**
 * Ids for what a draft sends, kept in this tab, past a reload too, until the server has answered: where an answer was lost, pressing again sends
 * the same ids, and nothing is stored twice.
 *
 * @param draft what is written, and where: `order CW-04`
 *
 * @example
 * const ids = draftIds('order CW-04'); ids.of('1 in ball valve') === ids.of('1 in ball valve') // true
 */
export function draftIds(draft: string): DraftIds {
  return {
    of(part) {
      const ids = read(draft);
      const known = ids[part];
      if (known !== undefined) return known;
      const id = newId();
      sessionStorage.setItem(keyOf(draft), JSON.stringify({ ...ids, [part]: id }));
      return id;
    },
    answered: () => sessionStorage.removeItem(keyOf(draft)),
  };
}

export const useDraftIds = (draft: string): DraftIds => useMemo(() => draftIds(draft), [draft]);
