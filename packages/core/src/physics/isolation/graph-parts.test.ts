import fc from 'fast-check';
import { dominators } from './dominators.js';
import { fedNodes } from './fed-nodes.js';
import { type FlowGraph, fed } from './flow-graph.js';
import { gather } from './gather.js';
import { groups } from './groups.js';

/** A flow graph from its ways: "0>1" is a way from vertex 0 to vertex 1. */
function graphOf(vertices: number, ways: readonly (readonly [number, number])[]): FlowGraph {
  const starts = new Int32Array(vertices + 1);
  for (const [tail] of ways) starts[tail + 1]! += 1;
  for (let vertex = 0; vertex < vertices; vertex += 1) starts[vertex + 1]! += starts[vertex]!;
  const next = starts.slice();
  const heads = new Int32Array(ways.length);
  for (const [tail, head] of ways) heads[next[tail]!++] = head;
  return { vertices, vertexOf: new Int32Array(0), starts, heads };
}

const anyGraph = fc.integer({ min: 1, max: 10 }).chain((vertices) => {
  const vertex = fc.integer({ min: 0, max: vertices - 1 });
  return fc.record({
    vertices: fc.constant(vertices),
    ways: fc.array(fc.tuple(vertex, vertex), { maxLength: 30 }),
  });
});

describe('dominators', () => {
  it('are what lies on every way from the source: lose one, and what is below it is dry', () => {
    fc.assert(
      fc.property(anyGraph, ({ vertices, ways }) => {
        const graph = graphOf(vertices, ways);
        const { above, order } = dominators(graph);
        const now = fed(graph);
        expect([...order].sort((a, b) => a - b)).toEqual(
          [...now.keys()].filter((vertex) => now[vertex] === 1),
        );
        const isBelow = (vertex: number, lost: number): boolean => {
          for (let over = vertex; over !== -1; over = above[over]!) if (over === lost) return true;
          return false;
        };
        for (let lost = 1; lost < vertices; lost += 1) {
          const after = fed(graph, (vertex) => vertex === lost);
          for (let vertex = 1; vertex < vertices; vertex += 1)
            if (now[vertex]) expect(after[vertex] === 0).toBe(isBelow(vertex, lost));
        }
      }),
      { numRuns: 300 },
    );
  });

  it('come after the one above them in the order, and are nothing where nothing is fed', () => {
    const { above, order } = dominators(
      graphOf(5, [
        [0, 1],
        [1, 2],
        [0, 2],
        [2, 3],
      ]),
    );
    expect([...above]).toEqual([-1, 0, 0, 2, -1]);
    expect([...order].indexOf(2)).toBeLessThan([...order].indexOf(3));
  });
});

describe('groups', () => {
  it('hold what some links join, numbered by their first node', () => {
    const from = Int32Array.of(4, 1, 0);
    const to = Int32Array.of(3, 2, 0);
    expect([...groups(5, from, to, () => true).of]).toEqual([0, 1, 1, 2, 2]);
    expect(groups(5, from, to, () => false).count).toBe(5);
    expect([...groups(5, from, to, (link) => link !== 1).of]).toEqual([0, 1, 2, 3, 3]);
  });

  it('are the same whatever the order of the links', () => {
    const links = fc.array(fc.tuple(fc.nat(8), fc.nat(8)), { maxLength: 20 });
    fc.assert(
      fc.property(links, (pairs) => {
        const of = (list: readonly (readonly [number, number])[]) =>
          groups(
            9,
            Int32Array.from(list, ([from]) => from),
            Int32Array.from(list, ([, to]) => to),
            () => true,
          ).of;
        expect(of([...pairs].reverse())).toEqual(of(pairs));
      }),
    );
  });
});

describe('gather', () => {
  it('deals ids out sorted in plain string order, short lists and long', () => {
    const dealt = fc.array(fc.tuple(fc.nat(2), fc.string({ maxLength: 4 })), { maxLength: 120 });
    fc.assert(
      fc.property(dealt, (ids) => {
        const lists = gather(3, (put) => ids.forEach(([group, id]) => put(group, id)));
        expect(lists).toEqual(
          [0, 1, 2].map((group) =>
            ids
              .filter(([of]) => of === group)
              .map(([, id]) => id)
              .sort(),
          ),
        );
      }),
    );
  });
});

describe('the nodes a source feeds', () => {
  it('stop at a shut valve, and go through a check one way', () => {
    const nodes = ['s', 'a', 'b', 'c'].map((id) => ({
      id,
      kind: id === 's' ? ('source' as const) : ('user' as const),
    }));
    const links = [
      { id: '1', from: 's', to: 'a', kind: 'check' as const },
      { id: '2', from: 'b', to: 'a', kind: 'check' as const },
      { id: '3', from: 'a', to: 'c', kind: 'valve' as const, state: 'closed' as const },
    ];
    expect([...fedNodes({ nodes, links })]).toEqual(['s', 'a']);
  });
});
