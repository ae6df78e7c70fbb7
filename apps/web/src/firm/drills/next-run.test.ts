import { DRILL_KINDS, type DrillKind } from '@grevik/core';
import { type ScoredDrill, nextRun } from './next-run';

const now = new Date('2026-11-29T08:00:00.000Z');
const answer = (kind: DrillKind, daysAgo: number, right = true, score = right ? 1 : 0): ScoredDrill => ({
  kind,
  level: 1,
  trade: 'water',
  right,
  score,
  takenAt: new Date(now.getTime() - daysAgo * 86_400_000).toISOString(),
});
const kindsIn = (taken: ScoredDrill[]) => nextRun(taken, { seed: 0, now }).map(({ kind }) => kind);

it('asks ten different kinds of somebody who took none, all at the first level', () => {
  const run = nextRun([], { seed: 40, now });
  expect(new Set(run.map(({ kind }) => kind)).size).toBe(10);
  expect(run.map(({ level }) => level)).toEqual(Array.from({ length: 10 }, () => 1));
  expect(run.map(({ seed }) => seed)).toEqual([40, 41, 42, 43, 44, 45, 46, 47, 48, 49]);
});

it('begins with what was never asked, and leaves out what was right a moment ago', () => {
  const asked = DRILL_KINDS.filter((kind) => kind !== 'purge-order').map((kind) =>
    answer(kind, kind === 'say-it' ? 0 : 60),
  );
  const kinds = kindsIn(asked);
  expect(kinds[0]).toBe('purge-order');
  expect(kinds).not.toContain('say-it');
});

it('asks twice what was answered wrong last', () => {
  const taken = DRILL_KINDS.map((kind) => answer(kind, 3, kind !== 'hear-it'));
  expect(kindsIn(taken).filter((kind) => kind === 'hear-it')).toHaveLength(2);
});

it('gas fitters are asked about gas only, as often as it takes', () => {
  const run = nextRun([], { trade: 'gas', seed: 1, now });
  expect(run).toHaveLength(10);
  expect(new Set(run.map(({ trade }) => trade))).toEqual(new Set(['gas']));
  expect(run.map(({ kind }) => kind)).toContain('purge-order');
  expect(run.map(({ kind }) => kind)).not.toContain('name-it');
});

it('goes up a level after three in a row', () => {
  const taken = [9, 6, 3].map((days) => answer('say-it', days));
  expect(nextRun(taken, { seed: 0, now, length: 11 }).find(({ kind }) => kind === 'say-it')?.level).toBe(2);
});
