import { dequal } from 'dequal';

/**
 * Puts what was changed on another state of the same thing: objects are gone through field by field, all else is taken whole.
 *
 * @param base what the change was made from
 * @param mine what it was changed to
 * @param latest how it stands now
 * @returns `latest` with what differs between `base` and `mine`
 *
 * @example
 * changedOn({ dn: 20, place: 'indoor' }, { dn: 25, place: 'indoor' }, { dn: 20, place: 'buried' });
 * // { dn: 25, place: 'buried' }
 */
export function changedOn<T>(base: T, mine: T, latest: T): T {
  if (dequal(base, mine)) return latest;
  if (!isObject(base) || !isObject(mine) || !isObject(latest)) return mine;
  const fields = [...new Set([...Object.keys(latest), ...Object.keys(mine)])];
  const put = fields.map((field) => [field, changedOn(base[field], mine[field], latest[field])]);
  return Object.fromEntries(put.filter(([, value]) => value !== undefined)) as T;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
