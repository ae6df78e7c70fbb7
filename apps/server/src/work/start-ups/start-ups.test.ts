import { randomUUID } from 'node:crypto';
import type {
  BoardView,
  DeviceView,
  JobView,
  LineView,
  ReadingView,
  SamplesView,
  StartUpEntryRequest,
  StartUpView,
} from '@grevik/contracts';
import { type HoldTest, type StartUp, startUp, startedLineOf } from '@grevik/core';
import { QueryTypes, Sequelize } from 'sequelize';
import { createApp } from '../../create-app.js';
import { type Agent, type TestApp, startTestApp, testSettings } from '../../testing/test-app.js';

describe('start-ups', () => {
  let test: TestApp;
  let foreman: Agent;
  let line: LineView;
  let at: string;
  let job: JobView;

  beforeAll(async () => {
    test = await startTestApp();
    foreman = await test.demo('foreman');
    [job] = (await foreman.get('/api/jobs')).body as [JobView];
    const { id } = job.lines.find(({ name }) => name === 'Buried service')!;
    line = (await foreman.get(`/api/lines/${id}`)).body as LineView;
    at = `/api/lines/${id}/start-up`;
  });
  afterAll(() => test.close());

  const view = async (): Promise<StartUpView> => (await foreman.get(at).expect(200)).body as StartUpView;
  const state = async (): Promise<StartUp> => {
    const models = (await foreman.get('/api/catalogue')).body as Parameters<typeof startedLineOf>[1];
    return startUp(startedLineOf({ ...line, items: line.walk?.items ?? [] }, models), (await view()).entries);
  };
  const entry = (more: Partial<StartUpEntryRequest>): StartUpEntryRequest => ({
    id: randomUUID(),
    step: 'inspect',
    kind: 'item',
    happenedAt: new Date().toISOString(),
    ...more,
  });
  const given = { kind: 'air', testPressurePa: 345_000, holdS: 60 } as const;
  const begin = (more: object = {}) => ({ id: randomUUID(), given, source: 'typed', ...more });

  it('store what was done once, however often it is sent', async () => {
    const inspected = entry({ item: line.positions[0]!.id, values: { faces: true } });
    await foreman.post(`${at}/entries`).send(inspected).expect(201);
    await foreman.post(`${at}/entries`).send(inspected).expect(200);
    expect((await view()).entries).toHaveLength(1);
    const other = { ...inspected, values: { faces: false } };
    expect((await foreman.post(`${at}/entries`).send(other).expect(409)).body).toMatchObject({
      error: { field: 'id' },
    });
  });

  it.each([
    [{ values: undefined, item: undefined }, 'item'],
    [{ kind: 'skip' as const, values: undefined, item: undefined }, 'reason'],
    [{ values: { faces: 'yes' } }, 'values.faces'],
    [{ values: { spin: 1 } }, 'values.spin'],
    [{ happenedAt: '2999-01-01T00:00:00Z' }, 'happenedAt'],
    [{ step: 'dance' as never }, 'step'],
  ])('refuse %j, naming the field', async (wrong, field) => {
    const sent = entry({ item: 'x', values: { faces: true }, ...wrong });
    const { body } = await foreman.post(`${at}/entries`).send(sent).expect(400);
    expect((body as { error: { field: string } }).error.field).toContain(field);
  });

  it('read a hold that ends with its verdict, which passes the step only where it holds', async () => {
    const reading = begin();
    await foreman.post(`${at}/readings`).send(reading).expect(201);
    await foreman.post(`${at}/readings`).send(begin()).expect(409);
    const samplesAt = `/api/readings/${reading.id}/samples`;
    const samples = {
      timeS: [0, 30, 60],
      pressurePa: [345_000, 344_000, 343_000],
      temperatureC: [15, 15, 15],
    };
    await foreman.post(samplesAt).send(samples).expect(200);
    const again = await foreman
      .post(samplesAt)
      .send({ timeS: [50], pressurePa: [1] })
      .expect(400);
    expect(again.body).toMatchObject({ error: { field: 'timeS[0]' } });
    await foreman
      .post(samplesAt)
      .send({ timeS: [70, 80], pressurePa: [1] })
      .expect(400);
    const ended = (await foreman.post(`/api/readings/${reading.id}/end`).expect(200)).body as ReadingView;
    expect(ended.result).toMatchObject({ verdict: 'leaks', startS: 0, endS: 60 });
    await foreman
      .post(samplesAt)
      .send({ timeS: [90], pressurePa: [1] })
      .expect(409);
    await foreman.post(`/api/readings/${reading.id}/end`).expect(200);
    expect((await view()).entries.filter(({ kind }) => kind === 'reading')).toHaveLength(1);
    expect((await state()).steps.find(({ id }) => id === 'hold')?.state).not.toBe('done');
    const kept = (await foreman.get(`${samplesAt}?after=0`)).body as SamplesView;
    expect(kept).toMatchObject({ timeS: [30, 60], pressurePa: [344_000, 343_000], temperatureC: [15, 15] });
    await foreman.get(`${samplesAt}?after=noon`).expect(400);
  });

  it('end no reading that read nothing', async () => {
    const reading = begin();
    await foreman.post(`${at}/readings`).send(reading).expect(201);
    await foreman.post(`/api/readings/${reading.id}/end`).expect(422);
    await foreman
      .post(`/api/readings/${reading.id}/samples`)
      .send({ timeS: [0], pressurePa: [1] })
      .expect(200);
    await foreman.post(`/api/readings/${reading.id}/end`).expect(200);
  });

  it('are handed over once every step is done or skipped, signed by two, and then closed', async () => {
    const signed = { handedBy: 'Ada Wrenfield', takenBy: 'Harbour office' };
    const early = await foreman.post(`${at}/hand-over`).send(signed).expect(422);
    expect((early.body as { error: { message: string } }).error.message).toMatch(/Still open: .*Hold/);
    for (const { id } of (await state()).steps)
      await foreman
        .post(`${at}/entries`)
        .send(entry({ step: id, kind: 'skip', reason: 'Done by the main contractor.' }))
        .expect(201);
    await foreman.post(`${at}/hand-over`).send({ handedBy: 'Ada', takenBy: 'ada' }).expect(400);
    await foreman.post(`${at}/hand-over`).send(signed).expect(201);
    expect((await view()).handedOver).toMatchObject(signed);
    await foreman
      .post(`${at}/entries`)
      .send(entry({ step: 'hold', kind: 'unskip' }))
      .expect(409);
    await foreman.post(`${at}/readings`).send(begin()).expect(409);
    const board = (await foreman.get(`/api/jobs/${job.id}/board`)).body as BoardView;
    expect(
      board.lines.find(({ id }) => id === line.id)?.positions.every(({ isHandedOver }) => isHandedOver),
    ).toBe(true);
  });

  it('of the demo are handed over, half done and running', async () => {
    const of = async (name: string): Promise<StartUpView> => {
      const { id } = job.lines.find((one) => one.name === name)!;
      return (await foreman.get(`/api/lines/${id}/start-up`)).body as StartUpView;
    };
    expect((await of('Fire sprinkler')).handedOver?.takenBy).toBe('Harbour office');
    expect((await of('Customs hall steam')).readings.map(({ result }) => result?.verdict)).toEqual([
      'holds',
      'leaks',
    ]);
    const [running] = (await of('Gas')).readings;
    expect(running).toMatchObject({ source: 'stand-in', endedAt: null });
  });

  it.each(['record', 'tags', 'valve-chart'])(
    'print their %s on either paper, in either units',
    async (kind) => {
      const sprinkler = job.lines.find(({ name }) => name === 'Fire sprinkler')!;
      for (const [paper, units, box] of [
        ['letter', 'us', /\/MediaBox \[0 0 (612(\.00)?|792(\.00)?) (792(\.00)?|612(\.00)?)\]/],
        ['a4', 'metric', /\/MediaBox \[0 0 (595\.28|841\.89) (841\.89|595\.28)\]/],
      ] as const) {
        const { body, headers } = await foreman
          .get(`/api/lines/${sprinkler.id}/start-up/${kind}.pdf?paper=${paper}&units=${units}`)
          .buffer()
          .parse((response, done) => {
            const pieces: Buffer[] = [];
            response.on('data', (piece: Buffer) => pieces.push(piece));
            response.on('end', () => done(null, Buffer.concat(pieces)));
          })
          .expect(200);
        const text = (body as Buffer).toString('latin1');
        expect(text.startsWith('%PDF-')).toBe(true);
        expect(text).toMatch(box);
        expect(headers['content-disposition']).toContain('Fire sprinkler');
      }
      const wrong = await foreman
        .get(`/api/lines/${sprinkler.id}/start-up/${kind}.pdf?paper=napkin`)
        .expect(400);
      expect(wrong.body).toMatchObject({ error: { field: 'paper' } });
    },
  );

  it('are of one company, and written by whoever may', async () => {
    const stranger = await test.owner();
    await stranger.get(at).expect(404);
    await stranger
      .post(`${at}/entries`)
      .send(entry({ item: 'x', values: { faces: true } }))
      .expect(404);
    const [{ id }] = (await view()).readings as [ReadingView];
    await stranger.get(`/api/readings/${id}/samples`).expect(404);
    await stranger.post(`/api/readings/${id}/end`).expect(404);
  });

  it('go on reading while nobody watches, on whichever server is there', async () => {
    const owner = await test.demo();
    const logger = { name: 'Gauge 2', kind: 'logger', isStandIn: true };
    const { id: deviceId } = (await owner.post('/api/devices').send(logger).expect(201)).body as DeviceView;
    const reading = begin({
      given: { ...given, holdS: 3 },
      source: 'stand-in',
      deviceId,
      plays: { leakPaPerMin: 0, coolsK: 1, faults: [] },
    });
    const other = job.lines.find(({ name }) => name === 'Heating')!;
    await foreman.post(`/api/lines/${other.id}/start-up/readings`).send(reading).expect(201);
    const second = await createApp(testSettings(test.databaseUrl));
    await second.listen(0);
    const database = new Sequelize(test.databaseUrl, { logging: false });
    const kept = async (): Promise<{ result: HoldTest | null; samples: number }> => {
      const [row] = await database.query<{ result: HoldTest | null; samples: number }>(
        `SELECT result, (SELECT count(*)::int FROM reading_samples s WHERE s.reading_id = r.id) AS samples
         FROM readings r WHERE id = :id`,
        { type: QueryTypes.SELECT, replacements: { id: reading.id } },
      );
      return row!;
    };
    while ((await kept()).result === null) await new Promise((later) => setTimeout(later, 200));
    const { samples, result } = await kept();
    expect(samples).toBeGreaterThanOrEqual(4);
    expect(result?.endS).toBe(3);
    await database.close();
    await second.close();
  });
});
