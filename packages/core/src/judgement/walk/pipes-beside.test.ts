import { type WalkItem, pipesBeside } from './index.js';

const run = (id: string, dn: number, depth = 0): WalkItem => ({
  id,
  kind: 'run',
  depth,
  material: 'copper',
  dn,
});
const valve = (id: string, depth = 0): WalkItem => ({ id, kind: 'valve', depth, positionId: id });
const tee = (id: string, depth = 0): WalkItem => ({ id, kind: 'tee', depth });

describe('the pipe on each side of a valve', () => {
  const items: WalkItem[] = [
    { id: 's', kind: 'source', depth: 0 },
    run('r1', 40),
    valve('main'),
    run('r2', 32),
    tee('t'),
    run('b1', 20, 1),
    valve('branch', 1),
    { id: 'f', kind: 'fixture', depth: 1, fixture: 'basin' },
    valve('after'),
  ];

  it('is the last run before it and the first after it on its own stretch', () => {
    expect(pipesBeside(items, 'main')).toEqual({
      in: { material: 'copper', dn: 40 },
      out: { material: 'copper', dn: 32 },
    });
  });

  it('does not take a branch for the line, nor the line for a branch', () => {
    expect(pipesBeside(items, 'branch')).toEqual({ in: { material: 'copper', dn: 20 } });
    expect(pipesBeside(items, 'after')).toEqual({ in: { material: 'copper', dn: 32 } });
  });

  it('does not take the main’s size for a valve right at its tee', () => {
    expect(pipesBeside([run('r', 150), tee('t'), valve('lead', 1), run('b', 50, 1)], 'lead')).toEqual({
      out: { material: 'copper', dn: 50 },
    });
  });

  it('says nothing of what is not walked, or of a run without size', () => {
    expect(pipesBeside(items, 'elsewhere')).toEqual({});
    expect(pipesBeside([{ id: 'r', kind: 'run', depth: 0, material: 'steel' }, valve('v')], 'v')).toEqual({});
  });
});
