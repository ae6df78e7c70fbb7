import { type WalkItem, walkNetwork } from '@grevik/core';
import { layOut } from './lay-out';
import { MOST_PLACES, planGraph } from './plan-graph';

const graphOf = (items: WalkItem[], around?: string) =>
  planGraph(
    items,
    walkNetwork(items, () => ({ kind: 'valve' })),
    around,
  );

const WALK: WalkItem[] = [
  { id: 's', kind: 'source', depth: 0 },
  { id: 'r1', kind: 'run', depth: 0 },
  { id: 'r2', kind: 'run', depth: 0 },
  { id: 'v', kind: 'valve', depth: 0 },
  { id: 't', kind: 'tee', depth: 0 },
  { id: 'r3', kind: 'run', depth: 1 },
  { id: 'f', kind: 'fixture', depth: 1 },
  { id: 'r4', kind: 'run', depth: 0 },
];

describe('the plan of a walk', () => {
  it('draws runs that lead on into the pipe between places, and an open end as a place', () => {
    const { places, pipes } = graphOf(WALK);
    expect(places).toEqual(['s', 'v', 't', 'f', 'r4']);
    expect(pipes).toEqual([
      { id: 'v', from: 's', to: 'v', runs: ['r1', 'r2'] },
      { id: 't', from: 'v', to: 't', runs: [] },
      { id: 'f', from: 't', to: 'f', runs: ['r3'] },
      { id: 'r4', from: 't', to: 'r4', runs: ['r4'] },
    ]);
  });

  it('closes a ring with a pipe back to its place', () => {
    const { pipes } = graphOf([...WALK, { id: 'back', kind: 'run', depth: 0, endsAt: 'v' }]);
    expect(pipes.at(-1)).toEqual({ id: 'back', from: 't', to: 'v', runs: ['r4', 'back'] });
  });

  it('draws of a very long line what lies around', () => {
    const long: WalkItem[] = [
      { id: 's', kind: 'source', depth: 0 },
      ...Array.from({ length: 3000 }, (_, at): WalkItem => ({ id: `v${at}`, kind: 'valve', depth: 0 })),
    ];
    const { places, pipes } = graphOf(long, 'v1500');
    expect(places.length).toBeLessThan(MOST_PLACES + 4);
    expect(places).toContain('v1500');
    expect(places).not.toContain('s');
    expect(pipes).toHaveLength(places.length - 1);
  });

  it('lays the water from left to right, pipes square', () => {
    const { at, laid, width } = layOut(graphOf(WALK));
    expect(at.s!.x).toBeLessThan(at.v!.x);
    expect(at.v!.x).toBeLessThan(at.t!.x);
    expect(at.t!.x).toBeLessThan(at.f!.x);
    expect(width).toBeGreaterThan(at.f!.x);
    for (const path of Object.values(laid)) expect(path).toMatch(/^M[\d. ]+([HV][\d.]+)+$/);
  });
});
