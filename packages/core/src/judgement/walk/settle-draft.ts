import type { DraftItem } from './read-walk-text.js';
import type { WalkItem } from './walk-item.js';

/** A draft with its id; a valve still says which tag and size it is to have. */
export type SettledItem = WalkItem & { valve?: NonNullable<DraftItem['valve']> };

/**
 * Gives drafts their ids, and a run that comes back to a place the id of that place.
 *
 * @param drafts  as read
 * @param walk    what is written already, by name
 * @param makeId  a new id
 * @returns a run whose end is not named anywhere goes on as a plain run
 *
 * @example
 * settleDrafts([{ kind: 'run', depth: 0, endsAtName: 'Quay' }], [{ id: 't', name: 'Quay' }], () => 'r') // [{ id: 'r', kind: 'run', depth: 0, endsAt: 't' }]
 */
export function settleDrafts(
  drafts: readonly DraftItem[],
  walk: readonly { id: string; name?: string }[],
  makeId: () => string,
): SettledItem[] {
  const settled = drafts.map((draft) => ({ ...draft, id: makeId() }));
  const byName = new Map(
    [...walk, ...settled].flatMap(({ id, name }) => (name ? [[name.toLowerCase(), id] as const] : [])),
  );
  return settled.map(({ endsAtName, ...item }) => {
    const endsAt = endsAtName && byName.get(endsAtName.toLowerCase());
    return endsAt ? { ...item, endsAt } : item;
  });
}
