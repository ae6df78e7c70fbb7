import { houseRuleSettings } from '../selection/index.js';
import type { Duty } from '../selection/index.js';
import { type Condition, conditionOf } from './condition.js';
import { type Found } from './found.js';
import { linkOf } from './link-of.js';
import { isolationAnswer } from './isolation-answer.js';
import { type Urgency, judgeFound } from './judge-found.js';
import { readWalkText } from './read-walk-text.js';
import { upstreamValve } from './upstream-valve.js';
import { type WalkItem, runBoreM } from './walk-item.js';
import { walkNetwork } from './walk-network.js';

const NOW = new Date('2026-11-25T12:00:00Z');
const SETTINGS = houseRuleSettings();

describe('a walk as it is typed', () => {
  const read = (text: string) => readWalkText(text).items.map(({ depth: _depth, ...item }) => item);

  it('reads a run, a valve and fixtures from one line', () => {
    expect(read('1/2 copper 12 ft, ball 1/2, basin x2')).toEqual([
      { kind: 'run', material: 'copper', dn: 15, lengthM: expect.closeTo(3.6576, 9) },
      { kind: 'valve', type: 'ball', valve: { dn: 15 } },
      { kind: 'fixture', fixture: 'basin', count: 2 },
    ]);
  });

  it.each([
    [
      'cobre 1/2 12 pies',
      { kind: 'run', material: 'copper', dn: 15, lengthM: expect.closeTo(3.6576, 9) as number },
    ],
    ['hierro dúctil 4 pulgadas 30 metros', { kind: 'run', material: 'ductile-iron', dn: 100, lengthM: 30 }],
    [
      'acero galvanizado 3/4 6 m baja 2 m',
      { kind: 'run', material: 'galvanised', dn: 20, lengthM: 6, riseM: -2 },
    ],
    ['llave de bola 1/2', { kind: 'valve', type: 'ball', valve: { dn: 15 } }],
    ['valvula de compuerta 2', { kind: 'valve', type: 'gate-solid', valve: { dn: 50 } }],
    ['check de columpio con resorte 1', { kind: 'valve', type: 'check-swing-spring', valve: { dn: 25 } }],
    ['llave de paso CW-104 3/4: cocina', { kind: 'valve', valve: { tag: 'CW-104', dn: 20 }, name: 'cocina' }],
    ['llave de manguera', { kind: 'fixture', fixture: 'hose-bibb', count: 1 }],
    ['2 inodoros', { kind: 'fixture', fixture: 'toilet', count: 2 }],
    ['bide x3', { kind: 'fixture', fixture: 'bidet', count: 3 }],
    ['línea de la calle', { kind: 'source', name: 'Línea de la calle' }],
    ['te a la cocina', { kind: 'tee', name: 'La cocina' }],
  ])('reads Spanish: “%s”', (text, item) => expect(read(text)).toEqual([item]));

  it('reads both languages in one line', () =>
    expect(read('copper 1/2 10 ft, llave de bola 1/2, shower').map(({ kind }) => kind)).toEqual([
      'run',
      'valve',
      'fixture',
    ]));

  it.each([
    ['street main', { kind: 'source', name: 'Street main' }],
    ['tee to café', { kind: 'tee', name: 'Café' }],
    [
      '1 1/2" copper 41 ft up 10 ft',
      {
        kind: 'run',
        dn: 40,
        material: 'copper',
        lengthM: expect.closeTo(12.4968, 9),
        riseM: expect.closeTo(3.048, 9),
      },
    ],
    ['DN100 ductile iron 80 m', { kind: 'run', dn: 100, material: 'ductile-iron', lengthM: 80 }],
    ['22 mm copper 3 m', { kind: 'run', dn: 20, material: 'copper', lengthM: 3 }],
    ['pex 3/4 5.5 m down 1 m', { kind: 'run', dn: 20, material: 'pex', lengthM: 5.5, riseM: -1 }],
    [
      '6 in ductile 60 m joins Quay tee',
      { kind: 'run', dn: 150, material: 'ductile-iron', lengthM: 60, endsAtName: 'Quay tee' },
    ],
    ['CW-05 swing check 1 in', { kind: 'valve', type: 'check-swing', valve: { tag: 'CW-05', dn: 25 } }],
    ['gate ¾: café branch', { kind: 'valve', name: 'café branch', type: 'gate-solid', valve: { dn: 20 } }],
    ['quarter-turn stop 3/8', { kind: 'valve', type: 'quarter-turn-stop', valve: { dn: 10 } }],
    ['ball check 2', { kind: 'valve', type: 'check-ball', valve: { dn: 50 } }],
    ['RWGV 6"', { kind: 'valve', type: 'gate-resilient', valve: { dn: 150 } }],
    ['valve', { kind: 'valve', valve: {} }],
    ['6 toilets', { kind: 'fixture', fixture: 'toilet', count: 6 }],
    ['hose bibb', { kind: 'fixture', fixture: 'hose-bibb', count: 1 }],
    ['2x kitchen sink: bakery', { kind: 'fixture', fixture: 'kitchen-sink', count: 2, name: 'bakery' }],
  ])('%s', (text, item) => {
    expect(read(text)).toEqual([item]);
  });

  it('takes indented lines as branches, by tabs or pairs of blanks', () => {
    const { items } = readWalkText('tee\n\tball 1/2\n    basin\nrun 3 m', 1);
    expect(items.map(({ depth }) => depth)).toEqual([1, 2, 3, 1]);
  });

  it('takes what follows a name and is no item as part of the name', () => {
    expect(read('ball 1: pump room, behind the tank, basin')).toMatchObject([
      { kind: 'valve', name: 'pump room, behind the tank' },
      { kind: 'fixture', fixture: 'basin' },
    ]);
  });

  it('names what it does not understand, and takes the rest', () => {
    const { items, problems } = readWalkText('ball 1/2, gizmo, ball 0.6 in');
    expect(items).toHaveLength(1);
    expect(problems.map(({ text }) => text)).toEqual(['gizmo', 'ball 0.6 in']);
    expect(problems[0]?.message).toContain('basin x2');
  });
});

/** Main, building shut-off A, a tee with the café beyond B, then C and the staff rooms; a run back to the tee from behind C. */
const WALK: WalkItem[] = [
  { id: 'main', kind: 'source', depth: 0 },
  { id: 'r1', kind: 'run', depth: 0, material: 'copper', dn: 40, lengthM: 12 },
  { id: 'A', kind: 'valve', depth: 0, positionId: 'A' },
  { id: 'tee', kind: 'tee', depth: 0, name: 'Café branch' },
  { id: 'B', kind: 'valve', depth: 1, positionId: 'B' },
  { id: 'r2', kind: 'run', depth: 1, material: 'copper', dn: 20, lengthM: 6 },
  { id: 'cafe', kind: 'fixture', depth: 1, fixture: 'kitchen-sink' },
  { id: 'C', kind: 'valve', depth: 0, positionId: 'C' },
  { id: 'staff', kind: 'fixture', depth: 0, fixture: 'basin', count: 6 },
];
const network = (found: Record<string, Condition> = {}, items = WALK) =>
  walkNetwork(items, (id = '') => linkOf('isolate', found[id] ?? { type: 'ball' }, SETTINGS, NOW));

describe('the network of a walk', () => {
  it('follows the walk, and branches where it is indented', () => {
    expect(network().links.map(({ id, from }) => `${from}>${id}`)).toEqual([
      'main>r1',
      'r1>A',
      'A>tee',
      'tee>B',
      'B>r2',
      'r2>cafe',
      'tee>C',
      'C>staff',
    ]);
    expect(
      network()
        .nodes.filter(({ kind }) => kind === 'user')
        .map(({ id }) => id),
    ).toEqual(['cafe', 'staff']);
  });

  it('goes on beside a fixture, and closes a loop where a run ends at a point', () => {
    const looped = network({}, [
      ...WALK,
      { id: 'back', kind: 'run', depth: 0, endsAt: 'tee' },
      { id: 'after', kind: 'run', depth: 0 },
    ]);
    expect(looped.links.slice(-2)).toMatchObject([
      { id: 'back', from: 'C', to: 'tee' },
      { id: 'after', from: 'tee', to: 'after' },
    ]);
    expect(looped.nodes.some(({ id }) => id === 'back')).toBe(false);
  });

  it('takes the inside diameter as measured, else from the pipe tables', () => {
    expect(runBoreM(WALK[5] as WalkItem)).toBeCloseTo(0.019939, 6);
    expect(runBoreM({ ...(WALK[5] as WalkItem), insideDiameterM: 0.018 })).toBe(0.018);
    expect(runBoreM({ id: 'x', kind: 'run', depth: 0 })).toBeUndefined();
  });

  it('knows the next valve upstream that can be relied on', () => {
    expect(upstreamValve(network(), 'r2')).toBe('B');
    expect(upstreamValve(network({ A: { type: 'gate-solid', turning: 'seized' } }), 'B')).toBeUndefined();
  });
});

describe('the isolation answer', () => {
  it('says what to close, what stays on, and which replacement would help most', () => {
    const answer = isolationAnswer(network({ B: { type: 'gate-solid', turning: 'seized' } }), 'r2');
    expect(answer).toMatchObject({
      close: ['A', 'C'],
      first: ['A'],
      drainBack: ['C'],
      outOfService: ['cafe', 'staff'],
      staysOn: [],
      notUsed: [{ valveId: 'B', why: 'stuck-open' }],
      better: { valveId: 'B', first: ['B'], outOfService: ['cafe'] },
    });
  });

  it('takes a tee as a place and a valve as what bursts', () => {
    expect(isolationAnswer(network(), 'cafe')?.close).toEqual(['B']);
    expect(isolationAnswer(network(), 'B')?.close).toEqual(['A', 'C']);
    expect(isolationAnswer(network(), 'elsewhere')).toBeUndefined();
  });

  it('proposes no replacement where all can be relied on', () => {
    expect(isolationAnswer(network(), 'staff')).toMatchObject({ staysOn: ['cafe'], notUsed: [] });
  });
});

describe('what is known of a position', () => {
  it('is the last word on each fact, whatever the order it came in', () => {
    expect(
      conditionOf([
        { happenedAt: '2024-05-01T00:00:00.000Z', by: 'Joss', found: { turning: 'seized' } },
        {
          happenedAt: '2020-05-01T00:00:00.000Z',
          by: 'Ada',
          found: { turning: 'stiff', turns: 11, type: 'gate-solid' },
        },
      ]),
    ).toEqual({
      type: 'gate-solid',
      turning: 'seized',
      turns: 11,
      turnedAt: '2020-05-01T00:00:00.000Z',
      at: '2024-05-01T00:00:00.000Z',
      by: 'Joss',
    });
  });

  it.each<[Condition, ReturnType<typeof linkOf>]>([
    [{}, { kind: 'valve', state: 'works' }],
    [{ type: 'nothing' }, { kind: 'pipe' }],
    [{ type: 'check-swing' }, { kind: 'check' }],
    [
      { type: 'ball', turning: 'seized', standing: 'shut' },
      { kind: 'valve', state: 'stuck-closed' },
    ],
    [
      { type: 'ball', standing: 'shut' },
      { kind: 'valve', state: 'closed' },
    ],
    [
      { type: 'globe', holding: 'weeps' },
      { kind: 'valve', state: 'leaks-by' },
    ],
    [{ type: 'gate-solid' }, { kind: 'valve', state: 'do-not-touch' }],
    [
      { type: 'gate-solid', turnedAt: '2025-05-01T00:00:00.000Z' },
      { kind: 'valve', state: 'works' },
    ],
  ])('%j is %j', (condition, link) => {
    expect(linkOf('isolate', condition, SETTINGS, NOW)).toEqual(link);
  });

  it('leaves old gates alone by the side the house takes', () => {
    const gate: Condition = { type: 'gate-solid', turnedAt: '2026-10-01T00:00:00.000Z' };
    expect(linkOf('isolate', gate, { ...SETTINGS, 'old-gates': 'leave' }, NOW).state).toBe('do-not-touch');
    expect(
      linkOf('isolate', { type: 'gate-solid' }, { ...SETTINGS, 'old-gates': 'exercise' }, NOW).state,
    ).toBe('works');
  });
});

describe('what to do about what was found', () => {
  const cold: Duty = {
    function: 'isolate',
    medium: 'potable-cold',
    dn: 20,
    pressurePa: 5e5,
    temperatureC: 10,
  };
  const gas: Duty = { ...cold, medium: 'natural-gas' };

  it.each<[string, Urgency, Duty, Found]>([
    ['old-gate-hands-off', 'hands-off', cold, { type: 'gate-solid', turning: 'seized' }],
    ['gas-key-seized', 'replace-now', gas, { type: 'plug-taper', turning: 'seized' }],
    ['gas-key-turns', 'care', gas, { type: 'plug-taper', turning: 'stiff' }],
    ['gas-leak', 'replace-now', gas, { type: 'ball', leaking: 'stem' }],
    ['seized', 'hands-off', cold, { type: 'ball', turning: 'seized' }],
    ['does-not-hold', 'care', cold, { type: 'globe', holding: 'passes' }],
    ['leaks-outside', 'care', cold, { type: 'globe', leaking: 'body' }],
    ['handle-lies', 'care', cold, { type: 'ball', handleShows: false }],
    ['washer-life', 'care', { ...cold, chloramine: true }, { type: 'compression-stop' }],
    ['washer-life', 'care', { ...cold, existing: true }, { type: 'compression-stop-angle' }],
    ['stops-side', 'care', cold, { type: 'compression-stop' }],
    ['check-look', 'care', cold, { type: 'check-swing' }],
    ['nothing-there', 'care', cold, { type: 'nothing' }],
    ['prove-shut-off', 'prove', { ...cold, function: 'emergency-shutoff' }, { type: 'ball' }],
  ])('%s: %s', (rule, urgency, duty, condition) => {
    const [first] = judgeFound({ duty, condition, upstream: 'CW-101' }, SETTINGS, NOW);
    expect(first).toMatchObject({ rule, urgency });
  });

  it('names the valve upstream, the street where there is none, and the house rule', () => {
    const place = { duty: cold, condition: { type: 'gate-solid', turning: 'seized' } as const };
    expect(judgeFound({ ...place, upstream: 'CW-101' }, SETTINGS, NOW)[0]?.text).toContain('use CW-101');
    expect(judgeFound(place, SETTINGS, NOW)[0]?.text).toContain('in the street');
    expect(judgeFound(place, SETTINGS, NOW)[0]?.text).toContain('House rule');
  });

  it('gives a gate that is failing, or turned lately, its word by the gate rule', () => {
    const lately = { type: 'gate-solid', turnedAt: '2026-09-01T00:00:00.000Z' } as const;
    expect(judgeFound({ duty: cold, condition: lately }, SETTINGS, NOW)[0]).toMatchObject({
      rule: 'gate-found',
    });
    expect(
      judgeFound({ duty: cold, condition: lately }, { ...SETTINGS, 'gate-life': 'exercised' }, NOW),
    ).toEqual([]);
  });

  it('proves a building shut-off step by step until somebody found it tight', () => {
    const place = {
      duty: { ...cold, function: 'emergency-shutoff' } as Duty,
      condition: { type: 'ball' } as Condition,
    };
    expect(judgeFound(place, SETTINGS, NOW)[0]?.steps).toHaveLength(5);
    expect(judgeFound({ ...place, condition: { type: 'ball', holding: 'tight' } }, SETTINGS, NOW)).toEqual(
      [],
    );
  });

  it('wants a ball turned every year, where the house does', () => {
    const found = (turnedAt: string) => ({
      duty: cold,
      condition: { type: 'ball', turnedAt, holding: 'tight' } as Condition,
    });
    const said = (turnedAt: string, side: 'none' | 'yearly'): string[] =>
      judgeFound(found(turnedAt), { ...SETTINGS, 'ball-maintenance': side }, NOW).map(({ rule }) => rule);
    const long = new Date(NOW.getTime() - 400 * 864e5).toISOString();
    const lately = new Date(NOW.getTime() - 300 * 864e5).toISOString();
    expect(said(long, 'yearly')).toContain('ball-maintenance');
    expect(said(lately, 'yearly')).not.toContain('ball-maintenance');
    expect(said(long, 'none')).not.toContain('ball-maintenance');
  });

  it.each([
    ['gate-solid', 'none', 'hands-off', 'replace it'],
    ['gate-solid', 'less', 'care', 'Count the turns'],
    ['ball', 'none', 'care', 'strainers'],
    ['gate-solid', 'full', undefined, ''],
  ] as const)('of a %s that gives %s of its flow after reopening', (type, flow, urgency, says) => {
    const condition: Condition = { type, flow, turnedAt: NOW.toISOString() };
    const said = judgeFound({ duty: cold, condition }, SETTINGS, NOW).find(
      ({ rule }) => rule === 'flow-less',
    );
    expect(said?.urgency).toBe(urgency);
    expect(said?.text ?? '').toContain(says);
  });

  it.each([
    [{ leaking: 'no' }, false],
    [{ leaking: 'somewhere' }, true],
    [{ holding: 'passes' }, true],
    [{ holding: 'tight' }, false],
  ] as const)('of a relief found %j looks for the pressure first: %s', (found, isSaid) => {
    const rules = judgeFound({ duty: cold, condition: { type: 'relief', ...found } }, SETTINGS, NOW);
    expect(rules.some(({ rule }) => rule === 'relief-passes')).toBe(isSaid);
  });

  it('says where the house takes another gas cock', () => {
    const place = { duty: gas, condition: { type: 'ball' } as Condition };
    expect(judgeFound(place, { ...SETTINGS, 'gas-cock': 'butterfly' }, NOW)[0]?.rule).toBe('gas-cock-side');
    expect(judgeFound(place, SETTINGS, NOW)).toEqual([]);
  });
});
