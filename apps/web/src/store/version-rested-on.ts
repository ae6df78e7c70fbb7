import type { Unsent } from './device-database';

const POSITION = /^positions\/[^/]+\//;

/** The version a write rests on; undefined where it rests on none. */
export const versionOf = (body: object): unknown => (body as { version?: unknown }).version;

/**
 * Of writes of one position that wait and were made from one version, all but the first would be refused as changed meanwhile, by oneself.
 *
 * @param stored what the server has stored
 * @param answer what it said: the position as it is now
 * @param waiting what waits
 * @returns those that were made from the same version, resting on the one it has now; what was refused stays as it is
 */
export function restedOn({ path, body }: Unsent, answer: unknown, waiting: readonly Unsent[]): Unsent[] {
  const position = POSITION.exec(path)?.[0];
  const [before, now] = [versionOf(body), versionOf((answer as object | undefined) ?? {})];
  if (position === undefined || before === undefined || now === undefined) return [];
  return waiting
    .filter(
      (one) => one.refusal === undefined && one.path.startsWith(position) && versionOf(one.body) === before,
    )
    .map((one) => ({ ...one, body: { ...one.body, version: now } }));
}
