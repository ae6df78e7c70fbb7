/**
 * What rows say, gathered by their position and in the order of the rows.
 *
 * @example
 * byPosition([{ positionId: 'p1', text: 'Turned.' }], ({ text }) => text).get('p1') // ['Turned.']
 */
export function byPosition<R extends { positionId: string }, T>(
  rows: readonly R[],
  said: (row: R) => T,
): ReadonlyMap<string, T[]> {
  const gathered = new Map<string, T[]>();
  for (const row of rows) {
    const list = gathered.get(row.positionId) ?? [];
    gathered.set(row.positionId, list);
    list.push(said(row));
  }
  return gathered;
}
