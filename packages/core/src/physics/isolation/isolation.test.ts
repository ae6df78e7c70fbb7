import fc from 'fast-check';
import { calculate, findCalculation } from '../../index.js';
import { type Isolation, isolate } from './isolate.js';
import { type Network, type NetworkLink, type NodeKind, VALVE_STATES } from './network.js';
import { type Segment, segments } from './segments.js';

/** "a>b:valve" with a state, a length or a bore as people draw it. */
const link = (id: string, ends: string, rest: Partial<NetworkLink> = {}): NetworkLink => {
  const [from = '', to = ''] = ends.split('>');
  return { id, from, to, kind: 'pipe', ...rest };
};
const valve = (id: string, ends: string, state?: NetworkLink['state']): NetworkLink =>
  link(id, ends, { kind: 'valve', ...(state && { state }) });
const nodes = (kinds: Record<string, NodeKind>): Network['nodes'] =>
  Object.entries(kinds).map(([id, kind]) => ({ id, kind }));

/** Main, then V1, a hall with the café beyond V2 and staff rooms beyond V3. */
const house = (states: Record<string, NetworkLink['state']> = {}): Network => ({
  nodes: nodes({
    main: 'source',
    hall: 'junction',
    cafe: 'user',
    staff: 'user',
    b: 'junction',
    c: 'junction',
  }),
  links: [
    valve('V1', 'main>hall', states.V1),
    valve('V2', 'hall>b', states.V2),
    link('P2', 'b>cafe', { lengthM: 10, diameterM: 0.02 }),
    valve('V3', 'hall>c', states.V3),
    link('P3', 'c>staff', { lengthM: 5, diameterM: 0.02 }),
  ],
});

describe('isolate', () => {
  it('closes the nearest valve that works, and only that', () => {
    expect(isolate(house(), { link: 'P2' })).toEqual({
      close: ['V2'],
      segment: { nodes: ['b', 'cafe'], links: ['P2'] },
      outOfService: ['cafe'],
      alreadyDry: [],
      drainM3: expect.closeTo((Math.PI / 4) * 0.0004 * 10, 12),
      impossible: false,
      notUsed: [],
    } satisfies Isolation);
  });

  it.each(['stuck-open', 'leaks-by', 'do-not-touch'] as const)(
    'passes a valve that is %s, says so, and closes the dead branch too',
    (state) => {
      const answer = isolate(house({ V2: state }), { link: 'P2' });
      expect(answer.close).toEqual(['V1', 'V3']);
      expect(answer.outOfService).toEqual(['cafe', 'staff']);
      expect(answer.notUsed).toEqual([{ valveId: 'V2', why: state }]);
    },
  );

  it.each(['closed', 'stuck-closed'] as const)(
    'stops at a valve that is %s without asking to close it',
    (state) => {
      const answer = isolate(house({ V3: state }), { node: 'hall' });
      expect(answer.close).toEqual(['V1', 'V2']);
      expect(answer.alreadyDry).toEqual(['staff']);
      expect(answer.outOfService).toEqual(['cafe']);
      expect(answer.segment.links).toEqual([]);
    },
  );

  it('is impossible where a source lies in the segment', () => {
    expect(isolate(house({ V1: 'stuck-open' }), { node: 'hall' })).toMatchObject({
      impossible: true,
      outOfService: ['cafe', 'staff'],
    });
  });

  it('takes a valve with the segment on both its sides as part of it', () => {
    const network = { ...house(), links: [...house().links, link('loop', 'b>hall')] };
    const answer = isolate(network, { link: 'P2' });
    expect(answer.segment.links).toEqual(['P2', 'V2', 'loop']);
    expect(answer.close).toEqual(['V1', 'V3']);
  });

  it('does not rely on the valve that bursts', () => {
    expect(isolate(house(), { link: 'V2' })).toMatchObject({ close: ['V1', 'V3'], notUsed: [] });
  });

  it('searches a check both ways and feeds through it one way', () => {
    const checked = (ends: string): Network => ({
      nodes: nodes({ main: 'source', a: 'junction', tap: 'user' }),
      links: [valve('V', 'main>a'), link('C', ends, { kind: 'check' })],
    });
    expect(isolate(checked('a>tap'), { node: 'tap' })).toMatchObject({ close: ['V'], outOfService: ['tap'] });
    expect(isolate(checked('tap>a'), { node: 'tap' })).toMatchObject({
      outOfService: [],
      alreadyDry: ['tap'],
    });
  });

  it('leaves on what another source still feeds', () => {
    const ring: Network = {
      nodes: nodes({ one: 'source', two: 'source', a: 'user', b: 'user' }),
      links: [valve('V1', 'one>a'), valve('V2', 'a>b'), valve('V3', 'two>b')],
    };
    expect(isolate(ring, { node: 'a' })).toMatchObject({ close: ['V1', 'V2'], outOfService: ['a'] });
  });
});

describe('segments', () => {
  it('names the parts, the valves around each and what each puts out', () => {
    const { segments: parts, critical } = segments(house());
    expect(parts.map(({ id }) => id)).toEqual(['b', 'c', 'hall', 'main']);
    expect(parts[2]).toEqual({
      id: 'hall',
      nodes: ['hall'],
      links: [],
      valves: ['V1', 'V2', 'V3'],
      outOfService: ['cafe', 'staff'],
    } satisfies Segment);
    expect(critical).toEqual(['hall', 'main', 'b', 'c']);
  });

  it('counts no user as put out that is dry already', () => {
    const parts = segments(house({ V1: 'closed' })).segments;
    expect(parts.flatMap(({ outOfService }) => outOfService)).toEqual([]);
  });
});

/** Small networks of every kind of link, with loops, several sources and parts that hang on nothing. */
const anyNetwork: fc.Arbitrary<Network> = fc.integer({ min: 1, max: 9 }).chain((count) => {
  const end = fc.integer({ min: 0, max: count - 1 }).map((at) => `n${at}`);
  return fc.record({
    nodes: fc.tuple(
      ...Array.from({ length: count }, (_, at) =>
        fc
          .constantFrom<NodeKind>('source', 'junction', 'user', 'user')
          .map((kind) => ({ id: `n${at}`, kind })),
      ),
    ),
    links: fc
      .array(
        fc.oneof(
          fc.record({ from: end, to: end, kind: fc.constantFrom('pipe' as const, 'check' as const) }),
          fc.record({
            from: end,
            to: end,
            kind: fc.constant('valve' as const),
            state: fc.constantFrom(...VALVE_STATES),
          }),
        ),
        { maxLength: 16 },
      )
      .map((links) => links.map((one, at) => ({ ...one, id: `l${at}` }))),
  });
});

/** Users fed with these nodes lost, by trying every link again and again: nothing shared with what is tested. */
function fedUsers({ nodes: all, links }: Network, lost: ReadonlySet<string>): string[] {
  const wet = new Set(all.filter(({ id, kind }) => kind === 'source' && !lost.has(id)).map(({ id }) => id));
  const passes = (from: string, to: string): boolean => wet.has(from) && !wet.has(to) && !lost.has(to);
  for (let grew = true; grew;) {
    grew = false;
    for (const { from, to, kind, state } of links) {
      if (kind === 'valve' && (state === 'closed' || state === 'stuck-closed')) continue;
      if (passes(from, to)) grew = Boolean(wet.add(to));
      if (kind !== 'check' && passes(to, from)) grew = Boolean(wet.add(from));
    }
  }
  return all.filter(({ id, kind }) => kind === 'user' && wet.has(id)).map(({ id }) => id);
}

describe('in any network', () => {
  it('puts out the users that a plain walk no longer reaches', () => {
    fc.assert(
      fc.property(anyNetwork, (network) => {
        const now = fedUsers(network, new Set());
        for (const { id } of network.nodes) {
          const answer = isolate(network, { node: id });
          const after = fedUsers(network, new Set(answer.segment.nodes));
          expect(answer.outOfService).toEqual(now.filter((user) => !after.includes(user)).sort());
          expect(answer.segment.nodes).toContain(id);
        }
      }),
      { numRuns: 300 },
    );
  });

  it('segments says of each node what isolate says', () => {
    fc.assert(
      fc.property(anyNetwork, (network) => {
        const parts = segments(network).segments;
        expect(parts.flatMap(({ nodes: of }) => of).sort()).toEqual(network.nodes.map(({ id }) => id).sort());
        for (const part of parts) {
          const answer = isolate(network, { node: part.id });
          expect(part).toMatchObject({ ...answer.segment, outOfService: answer.outOfService });
          expect(part.valves).toEqual(expect.arrayContaining(answer.close));
        }
      }),
      { numRuns: 300 },
    );
  });
});

describe('a network as it is given', () => {
  const run = (network: unknown, fault: unknown = { node: 'a' }): unknown => {
    const found = findCalculation('isolate');
    if (!found) throw new Error('isolate is not registered');
    return calculate(found, { network, fault });
  };
  const two = nodes({ a: 'source', b: 'user' });

  it.each([
    ['network.links[0].to', { nodes: two, links: [link('p', 'a>x')] }],
    ['network.nodes[2].id', { nodes: [...two, { id: 'a', kind: 'user' }], links: [] }],
    ['network.links[1].id', { nodes: two, links: [link('p', 'a>b'), link('p', 'b>a')] }],
    ['network.links[0].state', { nodes: two, links: [{ ...link('p', 'a>b'), state: 'works' }] }],
    ['network.links[0].lengthM', { nodes: two, links: [{ ...link('p', 'a>b'), lengthM: -1 }] }],
  ])('is refused at %s', (field, network) => {
    expect(() => run(network)).toThrow(expect.objectContaining({ field }));
  });

  it.each([
    ['fault.node', { node: 'z' }],
    ['fault.link', { link: 'z' }],
    ['fault.node', { link: 'p', node: 'a' }],
    ['fault', {}],
  ])('is refused with a fault at %s', (field, fault) => {
    expect(() => run({ nodes: two, links: [link('p', 'a>b')] }, fault)).toThrow(
      expect.objectContaining({ field }),
    );
  });
});
