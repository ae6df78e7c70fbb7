import { randomUUID } from 'node:crypto';
import type {
  DeviceSample,
  DeviceView,
  JobView,
  NewDeviceView,
  ReducerReadingView,
  StartUpView,
} from '@grevik/contracts';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

const MINUTE_MS = 60_000;
const iso = (ms: number): string => new Date(ms).toISOString();

describe('devices', () => {
  let test: TestApp;
  let owner: Agent;
  let lines: JobView['lines'];
  let gauge: NewDeviceView;

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.owner();
    const demo = await test.demo();
    const [shown] = (await demo.get('/api/jobs')).body as [JobView];
    await owner
      .post('/api/archive/jobs')
      .send((await demo.get(`/api/archive/jobs/${shown.id}`)).body as object);
    const [job] = (await owner.get('/api/jobs')).body as [JobView];
    ({ lines } = job);
    gauge = (await owner.post('/api/devices').send({ name: 'Gauge 1', kind: 'logger' }).expect(201))
      .body as NewDeviceView;
  });
  afterAll(() => test.close());

  const report = (samples: Partial<DeviceSample>[], { key = gauge.key, sentAt = iso(Date.now()) } = {}) =>
    request(test.http)
      .post('/api/devices/samples')
      .set('authorization', `Bearer ${key}`)
      .send({ sentAt, samples });
  const listed = async (id = gauge.id): Promise<DeviceView | undefined> =>
    ((await owner.get('/api/devices')).body as DeviceView[]).find((of) => of.id === id);
  const startUpOf = async (lineId: string): Promise<StartUpView> =>
    (await owner.get(`/api/lines/${lineId}/start-up`)).body as StartUpView;

  it('say what they read last, and never their key', async () => {
    const at = iso(Date.now() - 1000);
    const { body } = await report([{ at, pressurePa: 345_000, temperatureC: 15 }]).expect(200);
    expect(body).toEqual({ stored: 0, known: 1, readingId: null });
    const device = await listed();
    expect(device).toMatchObject({ lastSample: { at, pressurePa: 345_000 }, trouble: null, reading: null });
    expect(JSON.stringify(device)).not.toContain(gauge.key);
  });

  it.each([
    ['no key', {}],
    ['a key that is not known', { authorization: `Bearer ${'k'.repeat(32)}` }],
  ])('are refused with %s before anything of the report is read', async (_what, headers) => {
    const huge = { sentAt: 'x'.repeat(4_000_000) };
    const answer = await request(test.http).post('/api/devices/samples').set(headers).send(huge);
    expect(answer.status).toBe(401);
    expect(answer.body).toMatchObject({ error: { field: 'authorization' } });
  });

  it.each([
    ['a clock an hour ahead', () => ({ sentAt: iso(Date.now() + 60 * MINUTE_MS) }), 'sentAt'],
    ['a clock an hour behind', () => ({ sentAt: iso(Date.now() - 60 * MINUTE_MS) }), 'sentAt'],
  ])('with %s store nothing, and say so on their page', async (_what, wrong, field) => {
    const { sentAt } = wrong();
    const answer = await report([{ at: sentAt, pressurePa: 345_000 }], { sentAt });
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ error: { field } });
    expect((await listed())?.trouble).toMatch(/clock is (60 min|1.0 h) (ahead of|behind) the server/);
    await report([{ at: iso(Date.now()), pressurePa: 345_000 }]).expect(200);
    expect((await listed())?.trouble).toBeNull();
  });

  it.each([
    ['times that do not rise', [0, 0], 'samples[1].at'],
    ['times that jump back', [0, -5000], 'samples[1].at'],
    ['times after the sending', [0, 9000], 'samples[1].at'],
  ])('are told of %s', async (_what, offsets, field) => {
    const now = Date.now();
    const samples = offsets.map((ms) => ({ at: iso(now + ms), pressurePa: 345_000 }));
    const answer = await report(samples, { sentAt: iso(now) });
    expect([answer.status, (answer.body as { error: { field: string } }).error.field]).toEqual([400, field]);
  });

  it.each([
    [{ at: 'yesterday', pressurePa: 1 }, 'samples[0].at'],
    [{ at: iso(0), pressurePa: 'high' }, 'samples[0].pressurePa'],
    [{ at: iso(0) }, 'samples[0].pressurePa'],
  ])('are told what is wrong with %p', async (sample, field) => {
    const answer = await report([sample as Partial<DeviceSample>]);
    expect([answer.status, (answer.body as { error: { field: string } }).error.field]).toEqual([400, field]);
  });

  it('fill the reading that runs on them, each sample once, and end a hold whose time is full', async () => {
    const line = lines.find(({ name }) => name === 'Heating')!;
    const reading = {
      id: randomUUID(),
      given: { kind: 'air', testPressurePa: 345_000, holdS: 2 },
      source: 'device',
      deviceId: gauge.id,
    };
    await owner.post(`/api/lines/${line.id}/start-up/readings`).send(reading).expect(201);
    const second = { ...reading, id: randomUUID() };
    const other = lines.find(({ name }) => name === 'Gas')!;
    const refused = await owner.post(`/api/lines/${other.id}/start-up/readings`).send(second).expect(409);
    expect((refused.body as { error: { message: string } }).error.message).toContain('Heating');
    await owner.delete(`/api/devices/${gauge.id}`).expect(409);

    const startedAt = Date.parse((await startUpOf(line.id)).readings[0]!.startedAt);
    const samples = [-5, 0.5, 1, 2].map((timeS) => ({
      at: iso(startedAt + timeS * 1000),
      pressurePa: 345_100,
      temperatureC: 15,
    }));
    const sentAt = iso(startedAt + 3000);
    expect((await report(samples, { sentAt }).expect(200)).body).toMatchObject({ stored: 3, known: 1 });
    expect((await report(samples, { sentAt }).expect(200)).body).toMatchObject({ stored: 0, known: 4 });
    const full = [{ at: iso(startedAt + 2600), pressurePa: 345_100, temperatureC: 15 }];
    await report(full, { sentAt }).expect(200);
    const [ended] = (await startUpOf(line.id)).readings;
    expect(ended).toMatchObject({ samples: 4, result: { verdict: 'holds' } });
    expect((await listed())?.reading).toBeNull();
  });

  it('read a reducer, whose verdict decides on its item', async () => {
    const line = lines.find(({ name }) => name === 'Potable cold') ?? lines[0]!;
    const { body } = await owner.get(`/api/lines/${line.id}`);
    const [position] = (body as { positions: { id: string }[] }).positions;
    const reading = {
      id: randomUUID(),
      item: position!.id,
      reducer: { setPa: 345_000 },
      source: 'imported',
    };
    await owner.post(`/api/lines/${line.id}/start-up/readings`).send(reading).expect(201);
    const timeS = Array.from({ length: 30 }, (_, at) => at * 5);
    const samples = {
      timeS,
      pressurePa: timeS.map((time) => 345_000 + 200 * time),
      flowM3s: timeS.map(() => 0),
    };
    await owner.post(`/api/readings/${reading.id}/samples`).send(samples).expect(200);
    const ended = (await owner.post(`/api/readings/${reading.id}/end`).expect(200))
      .body as ReducerReadingView;
    expect(ended).toMatchObject({ step: 'reducer', item: position!.id, result: { verdict: 'creeping' } });
    expect((await startUpOf(line.id)).entries.at(-1)).toMatchObject({
      kind: 'reading',
      step: 'reducer',
      item: position!.id,
      verdict: 'creeping',
    });
  });

  it.each([
    [
      'both a hold and a reducer',
      { given: { kind: 'air', testPressurePa: 1e5, holdS: 9 }, reducer: { setPa: 1e5 }, item: 'x' },
      'item',
    ],
    ['neither', {}, 'given'],
    [
      'a device of nobody',
      { given: { kind: 'air', testPressurePa: 1e5, holdS: 9 }, source: 'device', deviceId: randomUUID() },
      'deviceId',
    ],
    ['no device', { given: { kind: 'air', testPressurePa: 1e5, holdS: 9 }, source: 'device' }, 'deviceId'],
  ])('are not read by for %s', async (_what, more, field) => {
    const answer = await owner
      .post(`/api/lines/${lines[0]!.id}/start-up/readings`)
      .send({ id: randomUUID(), source: 'imported', ...more });
    expect([answer.status, (answer.body as { error: { field: string } }).error.field]).toEqual([400, field]);
  });

  it('get another key, and lose every key when they are removed', async () => {
    const spare = (await owner.post('/api/devices').send({ name: 'Spare', kind: 'logger' }))
      .body as NewDeviceView;
    const renewed = (await owner.post(`/api/devices/${spare.id}/key`).expect(201)).body as NewDeviceView;
    const samples = [{ at: iso(Date.now() - 1000), pressurePa: 1 }];
    await report(samples, { key: spare.key }).expect(401);
    await report(samples, { key: renewed.key }).expect(200);
    await owner.delete(`/api/devices/${spare.id}`).expect(204);
    await report(samples, { key: renewed.key }).expect(401);
    expect(await listed(spare.id)).toBeUndefined();
  });

  it('are no stand-ins where the server plays none', async () => {
    const answer = await owner.post('/api/devices').send({ name: 'Played', kind: 'logger', isStandIn: true });
    expect([answer.status, (answer.body as { error: { field: string } }).error.field]).toEqual([
      400,
      'isStandIn',
    ]);
  });

  it('are one company’s', async () => {
    const stranger = await test.owner();
    expect((await stranger.get('/api/devices')).body).toEqual([]);
    await stranger.post(`/api/devices/${gauge.id}/key`).expect(404);
    await stranger.delete(`/api/devices/${gauge.id}`).expect(404);
  });
});
