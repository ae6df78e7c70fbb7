import type { FixtureKind, WalkItem } from '../../judgement/walk/index.js';
import { STOPS_PER_FIXTURE, type TakeoffFixture } from './stops-per-fixture.js';

const isCounted = (kind: FixtureKind | undefined): kind is TakeoffFixture & FixtureKind =>
  kind !== undefined && Object.hasOwn(STOPS_PER_FIXTURE, kind);

/**
 * The fixtures of a job, counted from its walks. A basin stands on the cold line and on the hot one and is one basin: of fixtures of one kind and one
 * name the line that has most of them counts.
 *
 * @param walks the items of each line
 *
 * @example
 * countedFixtures([[{ id: 'a', kind: 'fixture', depth: 0, fixture: 'basin', count: 4 }]]) // [{ kind: 'basin', count: 4 }]
 */
export function countedFixtures(
  walks: readonly (readonly WalkItem[])[],
): { kind: TakeoffFixture; count: number }[] {
  const most = new Map<string, { kind: TakeoffFixture; count: number }>();
  for (const items of walks) {
    const onLine = new Map<string, { kind: TakeoffFixture; count: number }>();
    for (const { kind, fixture, name = '', count = 1 } of items) {
      if (kind !== 'fixture' || !isCounted(fixture)) continue;
      const key = `${fixture} ${name}`;
      onLine.set(key, { kind: fixture, count: (onLine.get(key)?.count ?? 0) + count });
    }
    for (const [key, counted] of onLine)
      if (counted.count > (most.get(key)?.count ?? 0)) most.set(key, counted);
  }
  const byKind = new Map<TakeoffFixture, number>();
  for (const { kind, count } of most.values()) byKind.set(kind, (byKind.get(kind) ?? 0) + count);
  return [...byKind].map(([kind, count]) => ({ kind, count }));
}
