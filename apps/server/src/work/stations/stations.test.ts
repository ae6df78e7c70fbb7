import type {
  DeviceView,
  HistoryView,
  JobWalkView,
  LevelsStretch,
  NewDeviceView,
  StationView,
} from '@grevik/contracts';
import { type PlayedStation, type StationFault, playStation, wellAt } from '@grevik/core';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

const DAY_S = 86_400;
const WELL = { wellAreaM2: 2.5, pumpFlowM3s: 0.01 };
const iso = (timeS: number): string => new Date(timeS * 1000).toISOString();

describe('the pump station of a check', () => {
  let test: TestApp;
  let owner: Agent;
  let recorder: NewDeviceView;
  let at: string;
  let other: string;

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.owner();
    const { body: job } = await owner.post('/api/jobs').send({ name: 'Pumps' }).expect(201);
    const { id } = job as { id: string };
    await owner
      .post(`/api/jobs/${id}/walk-list`)
      .send({
        text: 'tag,line,medium,function,size,pressure,temperature\nLS-1,Main,sewage,non-return,4,2 bar,15 C\nLS-2,Main,sewage,non-return,4,2 bar,15 C',
        rows: [2, 3],
      })
      .expect(201);
    const walk = (await owner.get(`/api/jobs/${id}/walk`)).body as JobWalkView;
    [at = '', other = ''] = walk.lines.flatMap(({ positions }) => positions.map((one) => one.id));
    recorder = await added('Recorder 1', 'recorder');
  });
  afterAll(() => test.close());

  const added = async (name: string, kind: string): Promise<NewDeviceView> =>
    (await owner.post('/api/devices').send({ name, kind }).expect(201)).body as NewDeviceView;
  const station = async (id = at): Promise<StationView> =>
    (await owner.get(`/api/positions/${id}/station`).expect(200)).body as StationView;
  const report = (levels: object[], key = recorder.key) =>
    request(test.http)
      .post('/api/devices/levels')
      .set('authorization', `Bearer ${key}`)
      .send({ sentAt: iso(Date.now() / 1000), levels });

  /** Reports two days of a station that ends now, an hour at once. */
  const play = async (fault: StationFault): Promise<number> => {
    const nowS = Math.floor(Date.now() / 1000);
    const played: PlayedStation = { fault, fromS: nowS - DAY_S, everyS: 30, ...WELL };
    const { samples } = playStation(played, wellAt(nowS - 2 * DAY_S), nowS);
    for (let from = 0; from < samples.length; from += 3000)
      await report(
        samples.slice(from, from + 3000).map(({ timeS, ...level }) => ({ at: iso(timeS), ...level })),
      ).expect(200);
    return samples.length;
  };

  it('is unknown until somebody describes it, and knows its recorder then', async () => {
    expect(await station()).toMatchObject({ version: 0, device: null, wellAreaM2: null, verdict: null });
    await owner
      .put(`/api/positions/${at}/station`)
      .send({ version: 0, deviceId: recorder.id, ...WELL })
      .expect(200);
    expect(await station()).toMatchObject({
      version: 1,
      device: { name: 'Recorder 1' },
      ...WELL,
      lastAt: null,
    });
    const [device] = (await owner.get('/api/devices')).body as [DeviceView];
    expect(device.station).toMatchObject({ positionId: at, tag: 'LS-1' });
  });

  it('finds out that a ball stuck open, writes it at the check once, and signs it as the device', async () => {
    const sent = await play('sticks-open');
    const { body } = await owner
      .put(`/api/positions/${at}/station`)
      .send({ version: 1, deviceId: recorder.id, ...WELL });
    expect(body).toMatchObject({ changeId: expect.any(String) as string });
    const seen = await station();
    expect(seen).toMatchObject({ verdict: 'stuck-open', diagnosis: { verdict: 'stuck-open' } });
    const stuckS = Date.parse(seen.since ?? '') / 1000;
    expect(Math.abs(stuckS - (Date.now() / 1000 - DAY_S))).toBeLessThan(3 * 3600);
    await owner
      .put(`/api/positions/${at}/station`)
      .send({ version: 2, deviceId: recorder.id, ...WELL })
      .expect(200);
    const { entries } = (await owner.get(`/api/positions/${at}/history`)).body as HistoryView<object>;
    expect(entries).toEqual([
      expect.objectContaining({
        kind: 'found',
        found: { holding: 'passes' },
        by: 'Recorder 1 (device)',
        happenedAt: seen.since,
      }),
    ]);
    const { body: all } = await owner.get(`/api/positions/${at}/station/levels?most=5000`).expect(200);
    expect((all as LevelsStretch).timeS.length).toBeLessThanOrEqual(Math.min(sent, 5000));
  });

  it('is shown thinned without losing its highest and lowest levels, and whole where it is short', async () => {
    const { body } = await owner.get(`/api/positions/${at}/station/levels?most=5000`).expect(200);
    const all = body as LevelsStretch;
    const few = (await owner.get(`/api/positions/${at}/station/levels?most=40`)).body as LevelsStretch;
    expect(few.timeS.length).toBeLessThanOrEqual(40);
    expect(Math.max(...few.levelM)).toBe(Math.max(...all.levelM));
    expect(Math.min(...few.levelM)).toBe(Math.min(...all.levelM));
    const [from, to] = [iso(all.timeS[10] ?? 0), iso(all.timeS[20] ?? 0)];
    const part = (await owner.get(`/api/positions/${at}/station/levels?from=${from}&to=${to}`))
      .body as LevelsStretch;
    expect(part.timeS[0]).toBe(all.timeS[10]);
    expect(part.timeS.at(-1)).toBe(all.timeS[20]);
    await owner.get(`/api/positions/${at}/station/levels?from=${to}&to=${from}`).expect(400);
  });

  it('stores a level once, and refuses keys of other devices', async () => {
    const level = { at: iso(Date.now() / 1000), levelM: 1.2, pumpOn: true };
    expect((await report([level]).expect(200)).body).toEqual({ stored: 1, known: 0, positionId: at });
    expect((await report([level]).expect(200)).body).toEqual({ stored: 0, known: 1, positionId: at });
    const gauge = await added('Gauge 1', 'logger');
    const { body } = await report([level], gauge.key).expect(400);
    expect(body).toMatchObject({ error: { field: 'authorization' } });
    await report([level], 'k'.repeat(32)).expect(401);
    const idle = await added('Recorder 2', 'recorder');
    expect((await report([level], idle.key).expect(200)).body).toEqual({
      stored: 0,
      known: 0,
      positionId: null,
    });
  });

  it('has a recorder that stands nowhere else, is no gauge, and stays while it records', async () => {
    const { body } = await owner
      .put(`/api/positions/${other}/station`)
      .send({ version: 0, deviceId: recorder.id, ...WELL })
      .expect(409);
    expect(body).toMatchObject({ error: { message: expect.stringContaining('station of LS-1') as string } });
    await owner
      .put(`/api/positions/${other}/station`)
      .send({ version: 0, deviceId: other, ...WELL })
      .expect(400);
    await owner
      .put(`/api/positions/${other}/station`)
      .send({ version: 0, ...WELL, plays: 'holds' })
      .expect(400);
    await owner.delete(`/api/devices/${recorder.id}`).expect(409);
    await owner
      .put(`/api/positions/${at}/station`)
      .send({ version: 1, ...WELL })
      .expect(409);
  });

  it('is changed back with undo, and keeps its log without a recorder', async () => {
    const { version } = await station();
    const { body } = await owner
      .put(`/api/positions/${at}/station`)
      .send({ version, ...WELL })
      .expect(200);
    expect(await station()).toMatchObject({ device: null, verdict: 'stuck-open' });
    await owner.post(`/api/changes/${(body as { changeId: string }).changeId}/undo`).expect(204);
    expect(await station()).toMatchObject({ device: { id: recorder.id }, version: version + 2 });
  });
});
