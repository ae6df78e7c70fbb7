import {
  type ArchivedPosition,
  type JobArchive,
  type JobView,
  type PositionView,
  jobArchiveInput,
} from '@grevik/contracts';
import {
  BENCHES,
  DEEPEST_BRANCH,
  ENTRY_KINDS,
  FIXTURE_KINDS,
  HOLDING,
  PIPE_MATERIALS,
  TURNING,
  VALVE_TYPES,
} from '@grevik/core';
import fc from 'fast-check';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

const PNG =
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==';
const word = fc.stringMatching(/^[A-Za-zåé][A-Za-z0-9 åé-]{0,18}[a-z]$/);
const moment = fc
  .date({ min: new Date('2000-01-01'), max: new Date('2026-01-01'), noInvalidDate: true })
  .map((date) => date.toISOString());
const amount = fc.double({ min: 0, max: 1000, noNaN: true }).map((value) => value + 0);
const maybe = <T>(name: string, arbitrary: fc.Arbitrary<T>): fc.Arbitrary<Record<string, T>> =>
  fc.option(arbitrary, { nil: undefined }).map((value) => (value === undefined ? {} : { [name]: value }));
const merged = (...parts: fc.Arbitrary<object>[]): fc.Arbitrary<object> =>
  fc.tuple(...parts).map((all) => Object.assign({}, ...all) as object);

const model = merged(
  fc.record({ maker: word, model: word, type: fc.constantFrom(...VALVE_TYPES) }),
  fc
    .uniqueArray(fc.integer({ min: 1, max: 2000 }), { minLength: 1, maxLength: 3 })
    .map((dns) => ({ sizes: dns.sort((a, b) => a - b).map((dn) => ({ dn, price: dn / 4 })) })),
);
const position = merged(
  fc.record({
    remarks: fc.oneof(fc.constant(''), word),
    duty: merged(
      fc.record({
        function: fc.constantFrom('isolate', 'throttle', 'non-return'),
        dn: fc.integer({ min: 1, max: 2000 }),
        pressurePa: amount,
        temperatureC: amount,
      }),
      maybe('flowM3s', amount),
      maybe('existing', fc.boolean()),
    ),
    // In the order the log has them.
    entries: fc.uniqueArray(moment, { maxLength: 3 }).chain((moments) =>
      fc.tuple(
        ...moments.sort().map((happenedAt) =>
          merged(
            fc.record({
              kind: fc.constantFrom(...ENTRY_KINDS),
              text: fc.oneof(fc.constant(''), word),
              by: word,
            }),
            maybe('turns', fc.integer({ min: 0, max: 90 })),
            maybe(
              'found',
              fc.record({ turning: fc.constantFrom(...TURNING), holding: fc.constantFrom(...HOLDING) }),
            ),
            maybe(
              'finding',
              fc.record({
                bench: fc.constantFrom(...BENCHES),
                verdict: fc.constantFrom('care', 'supports'),
                case: word,
              }),
            ),
            fc.constant({ happenedAt }),
          ),
        ),
      ),
    ),
    photos: fc
      .uniqueArray(moment, { maxLength: 1 })
      .map((moments) => moments.map((takenAt) => ({ type: 'image/png', takenAt, by: 'Ada', base64: PNG }))),
  }),
  fc
    .option(
      fc.tuple(
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.double({ min: -90, max: 90, noNaN: true }),
      ),
      { nil: undefined },
    )
    .map((at) => (at ? { longitude: at[0] + 0, latitude: at[1] + 0 } : {})),
  maybe(
    'pickOf',
    fc.record({ reason: word, verdict: fc.constantFrom('fits', 'care'), pickedAt: moment, by: word }),
  ),
);

/** Jobs as any company might have them: lines walked and not, branches, loops, picks, logs, photos, places. */
const archive: fc.Arbitrary<JobArchive> = fc
  .record({
    job: word,
    houseRules: fc.constantFrom(undefined, { stops: 'multi-turn' }, { port: 'full', 'gas-cock': 'ball' }),
    model,
    lines: fc.uniqueArray(
      fc.record({
        name: word,
        medium: fc.constantFrom('potable-cold', 'natural-gas', 'raw-sewage'),
        walked: fc.boolean(),
        positions: fc.array(position, { maxLength: 4 }),
        extra: fc.array(
          fc.oneof(
            merged(
              fc.constant({ kind: 'run' }),
              maybe('material', fc.constantFrom(...PIPE_MATERIALS)),
              maybe('lengthM', amount),
            ),
            merged(
              fc.constant({ kind: 'fixture' }),
              maybe('fixture', fc.constantFrom(...FIXTURE_KINDS)),
              maybe('count', fc.integer({ min: 1, max: 99 })),
            ),
            merged(fc.constant({ kind: 'tee' }), maybe('name', word)),
          ),
          { maxLength: 5 },
        ),
      }),
      { maxLength: 3, selector: ({ name }) => name.trim().toLowerCase() },
    ),
  })
  .map(({ job, houseRules, model: one, lines }) => {
    let number = 0;
    const archived = lines.map(({ positions, extra, walked, ...line }, at) => {
      const own = (positions as Record<string, unknown>[]).map(({ pickOf, ...rest }) => ({
        ...rest,
        tag: `T-${(number += 1)}`,
        ...(pickOf
          ? {
              pick: {
                ...(pickOf as object),
                maker: (one as { maker: string }).maker,
                model: (one as { model: string }).model,
              },
            }
          : {}),
      })) as unknown as ArchivedPosition[];
      const items = [{ kind: 'source' }, ...extra, ...own.map(({ tag }) => ({ kind: 'valve', tag }))].map(
        (item, index) => ({
          ...item,
          id: `${at}-${index}`,
          depth: index === 0 ? 0 : Math.min(index % 3, DEEPEST_BRANCH),
        }),
      );
      return {
        ...line,
        walked,
        positions: own,
        walk: walked ? stepped(items as unknown as { kind: string; id: string; depth: number }[]) : [],
      };
    });
    const isPicked = archived.some(({ positions }) => positions.some(({ pick }) => pick));
    return {
      format: 'grevik-job',
      version: 1,
      job,
      ...(houseRules && { houseRules }),
      models: isPicked ? [one] : [],
      lines: archived,
    } as unknown as JobArchive;
  });

/** No item indented by more than one under the one before it; the last run of a walk comes back to its source. */
function stepped<T extends { depth: number; kind: string; id: string }>(items: readonly T[]): T[] {
  let depth = 0;
  return items.map((item) => {
    depth = Math.min(item.depth, depth + 1);
    return { ...item, depth, ...(item.kind === 'run' && item.id.endsWith('3') && { endsAt: items[0]!.id }) };
  });
}

describe('a job’s archive', () => {
  let test: TestApp;
  let demo: Agent;
  let job: JobView;
  let taker: Agent;

  beforeAll(async () => {
    test = await startTestApp();
    demo = await test.demo();
    [job] = (await demo.get('/api/jobs')).body as [JobView];
    taker = await test.owner();
  });
  afterAll(() => test.close());

  const exported = async (agent: Agent, id: string): Promise<JobArchive> =>
    (await agent.get(`/api/archive/jobs/${id}`).expect(200)).body as JobArchive;
  const take = (body: unknown) => taker.post('/api/archive/jobs').send(body as object);

  it('of any job comes back equal after a round trip into another company', async () => {
    let number = 0;
    await fc.assert(
      fc.asyncProperty(archive, async (made) => {
        const named = { ...made, job: `${made.job} ${(number += 1)}` };
        const { body } = await take(named).expect(201);
        expect(await exported(taker, (body as { jobId: string }).jobId)).toEqual(
          JSON.parse(JSON.stringify(named)),
        );
      }),
      { numRuns: 40 },
    );
  });

  it('of the demo job makes it again elsewhere, signed by those who wrote it', async () => {
    const made = await exported(demo, job.id);
    const { body } = await take(made).expect(201);
    expect(body).toMatchObject({
      name: job.name,
      positions: job.lines.reduce((sum, line) => sum + line.positions, 0),
    });
    expect(await exported(taker, (body as { jobId: string }).jobId)).toEqual(made);
    const sprinkler = made.lines.find(({ name }) => name === 'Fire sprinkler')!.startUp!;
    expect(sprinkler.handedOver?.takenBy).toBe('Harbour office');
    expect(sprinkler.readings[0]!.samples.timeS.length).toBeGreaterThan(100);
    expect(sprinkler.entries.find(({ step }) => step === 'hold')).toMatchObject({
      reading: 0,
      verdict: 'holds',
    });
    // What runs is not taken along.
    expect(made.lines.find(({ name }) => name === 'Gas')!.startUp!.readings).toEqual([]);
    expect(made.lines[0]!.positions[0]!.entries.at(-1)).toMatchObject({ by: 'Ada Wrenfield', kind: 'visit' });
    await take(made).expect(409);
    // What is signed elsewhere is not shown as if it were signed here.
    const { body: line } = await taker.get(`/api/jobs/${(body as { jobId: string }).jobId}/walk`);
    const [first] = (line as { lines: { positions: PositionView[] }[] }).lines[0]!.positions;
    const { body: history } = await taker.get(`/api/positions/${first!.id}/history`);
    const { entries } = history as { entries: { by: string }[] };
    expect(entries.length).toBeGreaterThan(0);
    for (const { by } of entries) expect(by).toMatch(/^\w+ [\w-]+ \(imported by Tove Aldous\)$/);
    expect(first!.condition.by).toContain('(imported by Tove Aldous)');
  });

  it('follows its published schema, and one that does not is refused at its field', async () => {
    const { body } = await demo.get('/api/archive/schema.json').expect(200);
    expect(body).toMatchObject({ type: 'object', properties: jobArchiveInput.schema.properties });
    const made = { ...(await exported(demo, job.id)), job: 'Another' };
    const withStartUp = (startUp: object) => ({ ...made, lines: [{ ...made.lines[0]!, startUp }] });
    const hung = {
      step: 'label',
      kind: 'item',
      tag: made.lines[0]!.positions[0]!.tag,
      values: { hung: true },
      happenedAt: '2026-11-01T08:00:00.000Z',
      by: 'Ada Wrenfield',
    };
    const read = {
      reducer: { setPa: 345_000 },
      tag: made.lines[0]!.positions[0]!.tag,
      source: 'imported',
      startedAt: '2026-11-01T08:00:00.000Z',
      endedAt: '2026-11-01T08:10:00.000Z',
      by: 'Ada Wrenfield',
      samples: {
        timeS: [0, 60],
        pressurePa: [345_000, 345_000],
        temperatureC: [null, null],
        inletPa: [655_000, null],
        flowM3s: [0, 0],
      },
    };
    for (const [field, broken] of [
      ['version', { ...made, version: 2 }],
      ['lines[1].name', { ...made, lines: [made.lines[0], made.lines[0]] }],
      ['lines[0].medium', { ...made, lines: [{ ...made.lines[0]!, medium: 'soup' }] }],
      [
        'lines[0].walk[0].tag',
        { ...made, lines: [{ ...made.lines[0]!, walk: [{ ...made.lines[0]!.walk[0]!, tag: 'X-1' }] }] },
      ],
      ['lines[0].startUp.entries[0].tag', withStartUp({ entries: [{ ...hung, tag: 'X-1' }], readings: [] })],
      [
        'lines[0].startUp.entries[0].values.spin',
        withStartUp({ entries: [{ ...hung, values: { spin: 1 } }], readings: [] }),
      ],
      [
        'lines[0].startUp.entries[0].reading',
        withStartUp({ entries: [{ ...hung, reading: 4 }], readings: [] }),
      ],
      [
        'lines[0].startUp.readings[0]',
        withStartUp({ entries: [], readings: [{ ...read, reducer: undefined }] }),
      ],
      ['lines[0].startUp.readings[0]', withStartUp({ entries: [], readings: [{ ...read, tag: undefined }] })],
      ['lines[0].startUp.readings[0].tag', withStartUp({ entries: [], readings: [{ ...read, tag: 'X-1' }] })],
      [
        'lines[0].startUp.readings[0].samples',
        withStartUp({ entries: [], readings: [{ ...read, samples: { ...read.samples, flowM3s: [0] } }] }),
      ],
      ['lines[0].positions[0].pick.model', { ...made, models: [], lines: [made.lines[0]] }],
    ] as const) {
      const refused = await take(broken).expect(400);
      expect(refused.body).toMatchObject({ error: { code: 'invalid-input', field } });
    }
    expect(((await taker.get('/api/jobs')).body as JobView[]).some(({ name }) => name === 'Another')).toBe(
      false,
    );
    // Whole, the reading of a reducer comes back as it went out.
    const [first, ...others] = made.lines;
    const startUp = { entries: [], readings: [read] };
    await take({ ...made, job: 'With a reducer', lines: [{ ...first!, startUp }, ...others] }).expect(201);
    const taken = ((await taker.get('/api/jobs')).body as JobView[]).find(
      ({ name }) => name === 'With a reducer',
    )!;
    expect((await exported(taker, taken.id)).lines[0]!.startUp!.readings).toMatchObject([read]);
  });
});

describe('places on the earth', () => {
  let test: TestApp;
  let owner: Agent;
  let address: string;

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.demo();
    const [job] = (await owner.get('/api/jobs')).body as [JobView];
    address = `/api/archive/jobs/${job.id}/positions.geojson`;
  });
  afterAll(() => test.close());

  const feature = (tag: string, coordinates: unknown): object => ({
    type: 'Feature',
    geometry: { type: 'Point', coordinates },
    properties: { tag },
  });
  const collection = (...features: object[]): object => ({ type: 'FeatureCollection', features });

  it('come in by tag and go out as GeoJSON', async () => {
    const { body } = await owner
      .put(address)
      .send(collection(feature('CW-101', [9.5, 54.25]), feature('cw-102', [9.51, 54.26])))
      .expect(200);
    expect(body).toEqual({ placed: 2, problems: [] });
    const out = await owner.get(address).expect(200);
    expect(out.headers['content-type']).toContain('application/geo+json');
    expect(out.body).toMatchObject({
      type: 'FeatureCollection',
      features: expect.arrayContaining([
        expect.objectContaining({
          geometry: { type: 'Point', coordinates: [9.5, 54.25] },
          properties: expect.objectContaining({ tag: 'CW-101', line: 'Domestic cold' }) as object,
        }),
        expect.objectContaining({ properties: expect.objectContaining({ tag: 'CW-102' }) as object }),
      ]) as object[],
    });
  });

  it('are taken whole or not at all, with what is wrong feature by feature', async () => {
    const { body } = await owner
      .put(address)
      .send(
        collection(
          feature('CW-103', [1, 2]),
          feature('NO-1', [1, 2]),
          feature('CW-104', [200, 2]),
          feature('CW-103', [1, 2]),
        ),
      )
      .expect(200);
    expect(body).toMatchObject({ placed: 0, problems: [{ feature: 1 }, { feature: 2 }, { feature: 3 }] });
    const { features } = (await owner.get(address)).body as { features: { properties: { tag: string } }[] };
    expect(features.map(({ properties }) => properties.tag)).not.toContain('CW-103');
    await owner.put(address).send({ type: 'Point' }).expect(400);
  });

  it('brings orders back with lines, answers and what has come, the same as they were', async () => {
    const archive = {
      format: 'grevik-job',
      version: 1,
      job: 'Ordered',
      models: [],
      lines: [
        {
          name: 'Cold',
          medium: 'potable-cold',
          walked: false,
          walk: [],
          positions: [
            {
              tag: 'OR-1',
              remarks: '',
              duty: { function: 'isolate', dn: 20, pressurePa: 5e5, temperatureC: 10 },
              hookUp: { limits: ['no-torch'], ways: { in: 'press' } },
              entries: [],
              photos: [],
            },
          ],
        },
      ],
      orders: [
        {
          state: 'draft',
          lines: [{ id: '1.1', text: 'thread sealant', quantity: 2, positions: [], note: '', receipts: [] }],
        },
        {
          supplier: 'Quillside Supply',
          state: 'part-received',
          lines: [
            {
              id: '2.1',
              text: '3/4 in ball valve',
              spec: { type: 'ball', dn: 20 },
              quantity: 4,
              positions: ['OR-1'],
              note: 'soon',
              unitPrice: 12.345,
              leadDays: 3,
              receipts: [
                {
                  quantity: 1,
                  casting: '3/4 600 WOG',
                  accepted: true,
                  note: '',
                  receivedAt: '2026-11-02T08:00:00.000Z',
                  by: 'Ines',
                },
              ],
            },
          ],
        },
      ],
      quotations: [
        {
          supplier: 'Quillside Supply',
          state: 'answered',
          lines: ['2.1'],
          answer: {
            supplier: 'Quillside Supply',
            currency: 'USD',
            lines: [{ line: '2.1', unitPrice: 12.345, leadDays: 3 }],
          },
          askedAt: '2026-11-01T08:00:00.000Z',
          by: 'Ines',
        },
      ],
    };
    const take = (given: object) => owner.post('/api/archive/jobs').send(given);
    const { jobId } = (await take(archive).expect(201)).body as { jobId: string };
    const out = (await owner.get(`/api/archive/jobs/${jobId}`).expect(200)).body as JobArchive;
    expect(out).toEqual(archive);
    const odd = async (change: (given: typeof archive) => void): Promise<unknown> => {
      const copy = structuredClone({ ...archive, job: 'Odd' });
      change(copy);
      return ((await take(copy).expect(400)).body as { error: { field: string } }).error.field;
    };
    expect(await odd(({ orders }) => (orders[1]!.lines[0]!.positions = ['OR-9']))).toBe(
      'orders[1].lines[0].positions',
    );
    expect(await odd(({ orders }) => (orders[1]!.lines[0]!.id = '1.1'))).toBe('orders[1].lines[0].id');
    expect(await odd(({ orders }) => (orders[0]!.state = 'sent'))).toBe('orders[0].supplier');
    expect(await odd(({ orders }) => orders.push(orders[0]!))).toBe('orders[2].state');
    expect(await odd(({ orders }) => (orders[1]!.lines[0]!.quantity = 0))).toBe(
      'orders[1].lines[0].quantity',
    );
  });
});
