import { randomUUID } from 'node:crypto';
import type { JobView, LineView } from '@grevik/contracts';
import fc from 'fast-check';
import type request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

const VERSION = fc.oneof(fc.integer(), fc.double(), fc.constant('0'), fc.constant(null));

/** Bodies nobody should send: nearly right ones with one thing off, and anything JSON can be. */
const nearly = (good: Record<string, unknown>): fc.Arbitrary<unknown> =>
  fc
    .tuple(
      fc.constantFrom(...Object.keys(good), '__proto__', 'constructor', 'more'),
      fc.jsonValue({ maxDepth: 4 }),
    )
    .map(([name, value]) => ({ ...good, [name]: value }));
const ODD_TEXT = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 300 }),
  fc.constantFrom(
    '\u0000',
    '\ud800',
    '😀'.repeat(900),
    '../../etc/passwd',
    `'; DROP TABLE jobs; --`,
    '{{7*7}}',
  ),
);
const NUMBERS = fc.constantFrom(
  -0,
  5e-324,
  Number.MAX_VALUE,
  -1,
  2 ** 53,
  1e21,
  Number.NaN,
  Number.POSITIVE_INFINITY,
);

describe('no request, however made, breaks the server', () => {
  let test: TestApp;
  let owner: Agent;
  let targets: Readonly<
    Record<string, { send: (body: unknown) => request.Test; good: Record<string, unknown> }>
  >;

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.demo();
    const [job] = (await owner.get('/api/jobs')).body as [JobView];
    const line = (await owner.get(`/api/lines/${job.lines[0]!.id}`)).body as LineView;
    const { id, duty } = line.positions[5]!;
    const raw =
      (method: 'post' | 'put' | 'delete', path: string) =>
      (body: unknown): request.Test =>
        owner[method](path)
          .set('content-type', 'application/json')
          .send(typeof body === 'string' ? JSON.stringify(body) : (body as object));
    targets = {
      session: { send: raw('post', '/api/session'), good: { email: 'a@b.example', password: 'x' } },
      demo: { send: raw('post', '/api/session/demo'), good: { role: 'owner' } },
      company: {
        send: raw('post', '/api/session/company'),
        good: { company: 'C', name: 'N', email: 'not one', password: 'long enough to be' },
      },
      password: {
        send: raw('put', '/api/session/password'),
        good: { current: 'x', next: 'long enough to be' },
      },
      accept: {
        send: raw('post', '/api/people/invitations/accept'),
        good: { token: 'x'.repeat(43), name: 'N', email: 'a@b.example', password: 'long enough to be' },
      },
      invite: { send: raw('post', '/api/people/invitations'), good: { role: 'foreman' } },
      look: { send: raw('post', '/api/people/invitations/look'), good: { token: 'x'.repeat(43) } },
      role: { send: raw('put', `/api/people/${randomUUID()}/role`), good: { role: 'foreman' } },
      job: { send: raw('post', '/api/jobs'), good: { name: 'J' } },
      preview: {
        send: raw('post', `/api/jobs/${job.id}/walk-list/preview`),
        good: { text: 'tag,line\nA,B' },
      },
      take: {
        send: raw('post', `/api/jobs/${job.id}/walk-list`),
        good: { text: 'tag,line\nA,B', rows: [2] },
      },
      duty: { send: raw('put', `/api/positions/${id}/duty`), good: { version: 0, duty: { ...duty } } },
      name: {
        send: raw('put', `/api/positions/${id}/name`),
        good: { version: 0, tag: 'CW-999', remarks: 'r' },
      },
      line: { send: raw('post', `/api/jobs/${job.id}/lines`), good: { name: 'L', medium: 'potable-cold' } },
      walk: {
        send: raw('put', `/api/lines/${line.id}/walk`),
        good: {
          version: 0,
          at: 1,
          remove: 1,
          insert: [{ id: randomUUID(), kind: 'run', depth: 0, lengthM: 3 }],
        },
      },
      'house-rules': {
        send: raw('put', '/api/company/house-rules'),
        good: { version: 0, houseRules: { stops: 'multi-turn' } },
      },
      currency: { send: raw('put', '/api/company/currency'), good: { version: 0, currency: 'EUR' } },
      'job-settings': {
        send: raw('put', `/api/jobs/${job.id}/house-rules`),
        good: { version: 0, houseRules: { stops: 'multi-turn' } },
      },
      picks: {
        send: raw('put', `/api/jobs/${job.id}/picks`),
        good: { modelId: randomUUID(), reason: 'r', positions: [{ id, version: 0 }] },
      },
      model: {
        send: raw('post', '/api/catalogue'),
        good: { model: { maker: 'M', model: 'X', type: 'ball', sizes: [{ dn: 20, price: 1 }] } },
      },
      'change-model': {
        send: raw('put', `/api/catalogue/${randomUUID()}`),
        good: { version: 0, model: { maker: 'M', model: 'X', type: 'ball', sizes: [{ dn: 20, price: 1 }] } },
      },
      retire: {
        send: raw('put', `/api/catalogue/${randomUUID()}/retired`),
        good: { version: 0, retired: true },
      },
      models: {
        send: raw('post', '/api/catalogue/list'),
        good: { format: 'csv', text: 'maker,model,type,dn,price\nA,B,ball,20,1', adds: 0, changes: 0 },
      },
      archive: {
        send: raw('post', '/api/archive/jobs'),
        good: { format: 'grevik-job', version: 1, job: 'J', models: [], lines: [] },
      },
      'hook-up': {
        send: raw('put', `/api/positions/${id}/hook-up`),
        good: { version: 0, hookUp: { limits: ['no-torch'] } },
      },
      'order-lines': {
        send: raw('post', `/api/jobs/${job.id}/orders/lines`),
        good: {
          lines: [
            {
              id: randomUUID(),
              text: '1 in ball valve',
              spec: { type: 'ball' },
              quantity: 1,
              positions: [id],
            },
          ],
        },
      },
      'order-remove': {
        send: raw('delete', `/api/jobs/${job.id}/orders/lines`),
        good: { ids: [randomUUID()] },
      },
      'order-place': {
        send: raw('put', `/api/jobs/${job.id}/orders/places`),
        good: { supplier: 'S', lines: [{ id: randomUUID(), version: 0, unitPrice: 1.5 }] },
      },
      'order-ask': {
        send: raw('post', `/api/jobs/${job.id}/orders/quotations`),
        good: {
          id: randomUUID(),
          ids: [randomUUID()],
          suppliers: ['S'],
          practice: { delayS: 0, fault: 'none' },
        },
      },
      'order-sheet': {
        send: raw('put', `/api/jobs/${job.id}/orders/sheet`),
        good: { changes: [{ id: randomUUID(), version: 0, quantity: 2 }] },
      },
      'order-sheet-preview': {
        send: raw('post', `/api/jobs/${job.id}/orders/sheet/preview`),
        good: { file: 'x' },
      },
      'order-state': {
        send: raw('put', `/api/orders/${randomUUID()}/state`),
        good: { version: 0, state: 'sent' },
      },
      'change-order-line': {
        send: raw('put', `/api/order-lines/${randomUUID()}`),
        good: { version: 0, text: 't', quantity: 1, note: '' },
      },
      receipt: {
        send: raw('post', `/api/order-lines/${randomUUID()}/receipts`),
        good: { id: randomUUID(), quantity: 1, casting: '3 300 WCB', accepted: true, note: '' },
      },
      'price-desk': {
        send: raw('post', '/api/price-desk/Quillside%20Supply/quotations'),
        good: { currency: 'USD', lines: [{ line: 'a', text: '1 in ball valve', quantity: 1 }] },
      },
      places: {
        send: raw('put', `/api/archive/jobs/${job.id}/positions.geojson`),
        good: {
          type: 'FeatureCollection',
          features: [{ geometry: { type: 'Point', coordinates: [9, 54] }, properties: { tag: 'CW-101' } }],
        },
      },
      photo: { send: raw('put', `/api/positions/${id}/photos/${randomUUID()}`), good: { content: 'x' } },
      pick: {
        send: raw('put', `/api/positions/${id}/pick`),
        good: { version: 0, modelId: randomUUID(), reason: 'r' },
      },
      unpick: { send: raw('delete', `/api/positions/${id}/pick`), good: { version: 0 } },
      entry: {
        send: raw('post', `/api/positions/${id}/entries`),
        good: {
          id: randomUUID(),
          kind: 'note',
          text: 't',
          turns: 1,
          found: { turning: 'stiff' },
          happenedAt: '2026-01-01T00:00:00Z',
        },
      },
      finding: {
        send: raw('post', `/api/positions/${id}/entries`),
        good: {
          id: randomUUID(),
          kind: 'bench',
          text: 't',
          finding: {
            bench: 'hammer',
            verdict: 'care',
            measured: { value: 1, limit: 2, unit: 'Pa' },
            case: 'a=1',
          },
          happenedAt: '2026-01-01T00:00:00Z',
        },
      },
      undo: { send: raw('post', `/api/changes/${randomUUID()}/undo`), good: {} },
      select: {
        send: raw('post', '/api/calc/select'),
        good: { duty: { ...duty, medium: 'potable-cold' }, candidates: [{ type: 'ball' }] },
      },
      'pipe-loss': {
        send: raw('post', '/api/calc/pipe-loss'),
        good: { diameterM: 0.02, lengthM: 3, flowM3s: 1e-4 },
      },
      'valve-loss': {
        send: raw('post', '/api/calc/valve-loss'),
        good: { diameterM: 0.02, kv: 3, flowM3s: 1e-4 },
      },
      isolate: {
        send: raw('post', '/api/calc/isolate'),
        good: { network: { nodes: [{ id: 'a', kind: 'source' }], links: [] }, fault: { node: 'a' } },
      },
      'read-tag': { send: raw('post', '/api/calc/read-tag'), good: { text: '3 300 WCB', dn: 80 } },
      'pressure-rating': { send: raw('post', '/api/calc/pressure-rating'), good: { temperatureC: 20 } },
      surge: {
        send: raw('post', '/api/calc/surge'),
        good: {
          lengthM: 100,
          diameterM: 0.1,
          frictionFactor: 0.02,
          waveSpeedMs: 1200,
          sourceHeadM: 50,
          initialFlowM3s: 0.01,
          closure: { law: 'ball', timeS: 1 },
          durationS: 2,
          reaches: 10,
        },
      },
      throttle: {
        send: raw('post', '/api/calc/throttle'),
        good: {
          characteristic: 'ball',
          openKv: 10,
          systemKv: 10,
          availablePressurePa: 2e5,
          upstreamPressurePa: 4e5,
          openings: [0, 0.5, 1],
        },
      },
      'check-slam': {
        send: raw('post', '/api/calc/check-slam'),
        good: {
          checkType: 'check-swing',
          dn: 150,
          flowVelocityMs: 2.5,
          decelerationMs2: 4,
          orientation: 'horizontal',
          waveSpeedMs: 1100,
        },
      },
      'check-velocity': {
        send: raw('post', '/api/calc/check-velocity'),
        good: { checkType: 'check-ball', diameterM: 0.1, flowM3s: 0.01, densityKgM3: 998 },
      },
      'gas-run': {
        send: raw('post', '/api/calc/gas-run'),
        good: {
          gas: 'natural-gas',
          supply: 'elevated',
          insideDiameterM: 0.026,
          lengthM: 30,
          inletPa: 2e4,
          dropPa: 5e3,
          flowM3h: 4,
          fittings: [{ type: 'plug', count: 1 }],
        },
      },
      'gas-purge': {
        send: raw('post', '/api/calc/gas-purge'),
        good: {
          segments: [{ insideDiameterM: 0.05, lengthM: 30 }],
          gas: 'lp-gas',
          pressurePa: 13790,
          outlet: { openKv: 12, characteristic: 'ball' },
          excessFlowTripM3h: 60,
        },
      },
      'hook-up-calc': {
        send: raw('post', '/api/calc/hook-up'),
        good: { duty: { ...duty, medium: 'potable-cold' }, valve: { type: 'ball', ends: ['fip', 'press'] } },
      },
      'steam-stop': {
        send: raw('post', '/api/calc/steam-stop'),
        good: { loadW: 3000, supplyPa: 3447, returnPa: 0, openKv: 3, characteristic: 'metering-cone' },
      },
      'order-line': {
        send: raw('post', '/api/calc/order-line'),
        good: {
          family: 'stop',
          type: 'quarter-turn-stop',
          dn: 15,
          form: 'angle',
          action: 'quarter-turn',
          ends: [
            { side: 'supply', style: 'pex-barb' },
            { side: 'fixture', style: 'od-compression', odIn: 0.375 },
          ],
          rangePa: [1e5, 5e5],
          setPressurePa: 3e5,
          extensionM: 1.2,
        },
      },
      'read-order': {
        send: raw('post', '/api/calc/read-order'),
        good: { text: '3/4" ball valve SWT', quantity: 3 },
      },
      takeoff: {
        send: raw('post', '/api/calc/takeoff'),
        good: {
          fixtures: [{ kind: 'basin', count: 4 }],
          template: { basin: 2 },
          options: [{ name: 'a', unitPrice: 4.1, breaks: [{ from: 5, unitPrice: 4 }], lifeYears: 10 }],
          spares: 0.05,
          currency: 'USD',
        },
      },
    };
  });
  afterAll(() => test.close());

  const survives = ({ status, body }: request.Response): void => {
    expect(status).toBeLessThan(500);
    if (status < 400) return;
    const { error } = body as { error: { code: string; message: string } };
    expect(error.message.length).toBeGreaterThan(5);
    expect(error.message).not.toMatch(/undefined|\[object|Error:| at .*\.ts/);
  };

  it.each([
    'session',
    'demo',
    'company',
    'password',
    'accept',
    'invite',
    'look',
    'role',
    'job',
    'preview',
    'take',
    'duty',
    'name',
    'line',
    'walk',
    'house-rules',
    'job-settings',
    'picks',
    'model',
    'change-model',
    'retire',
    'models',
    'archive',
    'places',
    'photo',
    'isolate',
    'read-tag',
    'pick',
    'unpick',
    'entry',
    'finding',
    'undo',
    'select',
    'pipe-loss',
    'valve-loss',
    'pressure-rating',
    'surge',
    'throttle',
    'check-slam',
    'check-velocity',
    'gas-run',
    'gas-purge',
    'steam-stop',
    'order-line',
    'read-order',
    'takeoff',
  ])('%s', async (name) => {
    const { send, good } = targets[name]!;
    const bodies = fc.oneof(
      { arbitrary: nearly(good), weight: 4 },
      { arbitrary: fc.jsonValue({ maxDepth: 6 }), weight: 2 },
      {
        arbitrary: fc
          .tuple(fc.constantFrom('none', ...Object.keys(good)), fc.oneof(ODD_TEXT, NUMBERS, VERSION))
          .map(([field, value]) => ({ ...good, [field]: value })),
        weight: 3,
      },
    );
    await fc.assert(
      fc.asyncProperty(bodies, async (body) => survives(await send(body))),
      { numRuns: 40 },
    );
  });

  it.each(['\ud800', 'a\u0000b', 'quay\udfff@works.example'])(
    '%j is refused at its field, since no text can keep it',
    async (email) => {
      const { status, body } = await targets.company!.send({ ...targets.company!.good, email });
      expect(status).toBe(400);
      expect(body).toMatchObject({ error: { code: 'invalid-input', field: 'email' } });
    },
  );

  it('whatever stands where an id belongs, or how the body is called', async () => {
    await fc.assert(
      fc.asyncProperty(ODD_TEXT, async (text) => {
        const id = encodeURIComponent(text.replace(/[\ud800-\udfff]/g, '')) || 'x';
        for (const path of [
          `/api/jobs/${id}`,
          `/api/jobs/${id}/positions`,
          `/api/lines/${id}/schedule.csv?units=${id}`,
          `/api/positions/${id}/history`,
          `/api/calc/${id}`,
        ])
          survives(await owner.get(path));
      }),
      { numRuns: 30 },
    );
    for (const type of ['text/plain', 'application/xml', 'application/json; charset=latin7', 'nonsense'])
      survives(await owner.post('/api/jobs').set('content-type', type).send('{"name":'));
    survives(await owner.post('/api/jobs').set('content-type', 'application/json').send('['.repeat(50_000)));
  });
});
