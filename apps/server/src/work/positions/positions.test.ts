import type { JobView, LineView, ModelView, PositionView } from '@grevik/contracts';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('positions', () => {
  let test: TestApp;
  let visitor: Agent;
  let line: LineView;
  let models: ModelView[];
  const get = async <T>(path: string): Promise<T> => (await visitor.get(path).expect(200)).body as T;
  const fresh = async (tag: string): Promise<PositionView> =>
    (await get<LineView>(`/api/lines/${line.id}`)).positions.find((position) => position.tag === tag)!;
  const model = (name: string): string =>
    models.find(({ maker, model: of }) => `${maker} ${of}` === name)!.id;

  beforeAll(async () => {
    test = await startTestApp();
    visitor = await test.demo('foreman');
    const [job] = await get<JobView[]>('/api/jobs');
    line = await get(`/api/lines/${job!.lines[0]!.id}`);
    models = await get('/api/catalogue');
  });
  afterAll(() => test.close());

  it('come in the order the water goes, at least ten on the demo line, some picked', () => {
    expect(line.name).toBe('Domestic cold');
    expect(line.positions.length).toBeGreaterThanOrEqual(10);
    expect(line.positions[0]).toMatchObject({
      tag: 'CW-101',
      version: 0,
      pick: { verdict: expect.stringMatching('fits|care') as string },
    });
  });

  it('take a changed duty, and refuse the same version twice with what is there now', async () => {
    const position = await fresh('CW-104');
    const duty = { ...position.duty, temperatureC: 90 };
    const changed = await visitor
      .put(`/api/positions/${position.id}/duty`)
      .send({ version: position.version, duty })
      .expect(200);
    expect(changed.body).toMatchObject({ version: position.version + 1, duty: { temperatureC: 90 } });
    const stale = await visitor
      .put(`/api/positions/${position.id}/duty`)
      .send({ version: position.version, duty: position.duty })
      .expect(409);
    expect(stale.body).toMatchObject({
      error: { code: 'stale', current: { version: position.version + 1, duty: { temperatureC: 90 } } },
    });
    expect((await fresh('CW-104')).duty.temperatureC).toBe(90);
  });

  it('lets one of two changes at once through, and says so to the other', async () => {
    const position = await fresh('CW-112');
    const put = (pressurePa: number): Promise<request.Response> =>
      visitor
        .put(`/api/positions/${position.id}/duty`)
        .send({ version: position.version, duty: { ...position.duty, pressurePa } })
        .then((response) => response);
    const answers = await Promise.all([put(4e5), put(5e5), put(6e5)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
  });

  it('keep a pick with its reason, and let it go again', async () => {
    const position = await fresh('CW-103');
    const picked = await visitor
      .put(`/api/positions/${position.id}/pick`)
      .send({ version: position.version, modelId: model('Ostrand 21P'), reason: ' No torch in this wall. ' })
      .expect(200);
    expect(picked.body).toMatchObject({
      version: position.version + 1,
      pick: { modelId: model('Ostrand 21P'), reason: 'No torch in this wall.' },
    });
    expect((await fresh('CW-103')).pick?.reason).toBe('No torch in this wall.');
    await visitor
      .delete(`/api/positions/${position.id}/pick`)
      .send({ version: position.version + 1 })
      .expect(200);
    expect((await fresh('CW-103')).pick).toBeNull();
  });

  it('refuse a pick that is ruled out, with the reason, and one not made in the size', async () => {
    const position = await fresh('CW-103');
    const pick = (name: string): request.Test =>
      visitor
        .put(`/api/positions/${position.id}/pick`)
        .send({ version: position.version, modelId: model(name), reason: 'x' });
    const out = await pick('Brindlow 8T').expect(422);
    expect(out.body).toMatchObject({
      error: { code: 'ruled-out', message: expect.stringContaining('drinking water') as string },
    });
    const size = await pick('Saltholm R16').expect(400);
    expect(size.body).toMatchObject({
      error: { field: 'modelId', message: expect.stringContaining('¾ in') as string },
    });
    expect((await fresh('CW-103')).pick).toBeNull();
  });

  it.each([
    [{}, 'duty'],
    [{ version: 0 }, 'duty'],
    [{ version: -1, duty: { function: 'isolate', dn: 20, pressurePa: 4, temperatureC: 10 } }, 'version'],
    [
      { version: 0, duty: { function: 'isolate', dn: 20, pressurePa: 4, temperatureC: 10, place: '\u0000' } },
      'duty.place',
    ],
    [
      { version: 0, duty: { function: 'isolate', dn: 20, pressurePa: -4, temperatureC: 10 } },
      'duty.pressurePa',
    ],
    [{ version: 0, duty: { function: 'dance', dn: 20, pressurePa: 4, temperatureC: 10 } }, 'duty.function'],
    [{ version: 0, duty: [], colour: 'red' }, 'colour'],
    [{ version: '0', duty: null }, 'duty'],
  ])('refuse the change %j at %s', async (body, field) => {
    const answer = await visitor.put(`/api/positions/${line.positions[0]!.id}/duty`).send(body).expect(400);
    expect(answer.body).toMatchObject({
      error: { code: 'invalid-input', field, message: expect.any(String) as string },
    });
  });

  it('say what is not there', async () => {
    const nobody = '00000000-0000-4000-8000-000000000000';
    await visitor.get(`/api/lines/${nobody}`).expect(404);
    await visitor
      .put(`/api/positions/${nobody}/pick`)
      .send({ version: 0, modelId: nobody, reason: 'x' })
      .expect(404);
    const answer = await visitor.get('/api/lines/seven').expect(400);
    expect(answer.body).toMatchObject({ error: { field: 'id' } });
  });

  it('go out as a schedule in either system', async () => {
    const us = await visitor.get(`/api/lines/${line.id}/schedule.csv`).expect(200);
    expect(us.headers['content-disposition']).toContain('Domestic cold schedule.csv');
    expect(us.text).toContain('Pressure (psi)');
    expect(us.text).toMatch(
      /CW-101,Domestic cold,cold drinking water,shut off in an emergency,1½ in,75,50,38,copper/,
    );
    const metric = await visitor.get(`/api/lines/${line.id}/schedule.csv?units=metric`).expect(200);
    expect(metric.text).toMatch(/CW-101,.*DN40,5.17,10,2.4,copper/);
    await visitor.get(`/api/lines/${line.id}/schedule.csv?units=cubits`).expect(400);
  });
});
