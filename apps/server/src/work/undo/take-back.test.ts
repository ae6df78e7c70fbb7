import { randomUUID } from 'node:crypto';
import type {
  CompanyView,
  JobView,
  LineView,
  ModelView,
  OrdersView,
  OwnChangeView,
  PositionView,
  WalkEdited,
} from '@grevik/contracts';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('whatever is changed is signed, and taken back whole', () => {
  let test: TestApp;
  let foreman: Agent;
  let job: JobView;
  beforeAll(async () => {
    test = await startTestApp();
    foreman = await test.demo('foreman');
    [job] = (await foreman.get('/api/jobs')).body as [JobView];
  });
  afterAll(() => test.close());

  const mine = async (): Promise<OwnChangeView[]> =>
    (await foreman.get('/api/changes/mine').expect(200)).body as OwnChangeView[];
  /** Takes the last change back. */
  const undo = async (): Promise<OwnChangeView> => {
    const [last] = await mine();
    await foreman.post(`/api/changes/${last!.id}/undo`).expect(204);
    return last!;
  };
  const company = async (): Promise<CompanyView> => (await foreman.get('/api/company')).body as CompanyView;

  it('a valve that went with its walk comes back with hook-up, place and signatures, and its version never goes back', async () => {
    const { id: lineId } = job.lines.find(({ name }) => name === 'Heating')!;
    const line = async (): Promise<LineView> =>
      (await foreman.get(`/api/lines/${lineId}`).expect(200)).body as LineView;
    const models = (await foreman.get('/api/catalogue')).body as ModelView[];
    const { walk, positions } = await line();
    const bare = positions.find(({ photos, condition }) => photos.length === 0 && !condition.at)!;
    const write = async (path: string, body: object): Promise<PositionView> =>
      (await foreman.put(`/api/positions/${bare.id}/${path}`).send(body).expect(200)).body as PositionView;
    let { version } = await write('hook-up', { version: bare.version, hookUp: { limits: ['no-torch'] } });
    await foreman
      .put(`/api/archive/jobs/${job.id}/positions.geojson`)
      .send({
        type: 'FeatureCollection',
        features: [
          {
            type: 'Feature',
            geometry: { type: 'Point', coordinates: [9.5, 54.5] },
            properties: { tag: bare.tag },
          },
        ],
      })
      .expect(200);
    version += 1;
    for (const { id: modelId } of models) {
      const { status } = await foreman
        .put(`/api/positions/${bare.id}/pick`)
        .send({ version, modelId, reason: 'Fits here.' });
      if (status === 200) break;
    }
    const before = (await line()).positions.find(({ id }) => id === bare.id)!;
    expect(before).toMatchObject({
      coordinates: [9.5, 54.5],
      version: version + 1,
      pick: { reason: 'Fits here.' },
    });

    const at = (await line()).walk.items.findIndex(({ positionId }) => positionId === bare.id);
    const edited = (await foreman
      .put(`/api/lines/${lineId}/walk`)
      .send({ version: walk.version, at, remove: 1, insert: [] })
      .expect(200)) as { body: WalkEdited };
    expect((await line()).positions.map(({ id }) => id)).not.toContain(bare.id);
    await foreman.post(`/api/changes/${edited.body.changeId}/undo`).expect(204);

    const after = (await line()).positions.find(({ id }) => id === bare.id)!;
    expect(after).toEqual({
      ...before,
      version: before.version + 1,
      changed: { ...before.changed, at: after.changed!.at },
    });
    // Whoever still has the version from before overwrites nothing.
    await foreman
      .put(`/api/positions/${bare.id}/duty`)
      .send({ version: before.version, duty: before.duty })
      .expect(409);
  });

  it('coordinates, which raise the version of what they move', async () => {
    const { id: lineId } = job.lines[0]!;
    const at = async (): Promise<PositionView> =>
      ((await foreman.get(`/api/lines/${lineId}`)).body as LineView).positions[0]!;
    const before = await at();
    const place = (coordinates: number[]): object => ({
      type: 'FeatureCollection',
      features: [{ geometry: { type: 'Point', coordinates }, properties: { tag: before.tag } }],
    });
    const address = `/api/archive/jobs/${job.id}/positions.geojson`;
    await foreman
      .put(address)
      .send(place([9.1, 54.1]))
      .expect(200);
    expect(await at()).toMatchObject({ version: before.version + 1, changed: { by: 'Ada Wrenfield' } });
    expect((await mine())[0]).toMatchObject({ kind: 'place', what: before.tag });
    await undo();
    expect(await at()).toMatchObject({ coordinates: before.coordinates, version: before.version + 2 });
    // What stands there already is no change.
    const { length } = await mine();
    await foreman
      .put(address)
      .send(place([9.1, 54.1]))
      .expect(200);
    await foreman
      .put(address)
      .send(place([9.1, 54.1]))
      .expect(200);
    expect(await mine()).toHaveLength(Math.min(20, length + 1));
  });

  it('house rules and currency, of the company and of a job', async () => {
    const { version, houseRules } = await company();
    await foreman
      .put('/api/company/house-rules')
      .send({ version, houseRules: { stops: 'multi-turn' } })
      .expect(200);
    expect(await undo()).toMatchObject({ kind: 'house-rules', jobId: null });
    expect(await company()).toMatchObject({ version: version + 2, houseRules });
    await foreman
      .put('/api/company/currency')
      .send({ version: version + 2, currency: 'EUR' })
      .expect(200);
    expect(await undo()).toMatchObject({ kind: 'currency' });
    expect(await company()).toMatchObject({ version: version + 4, currency: 'USD' });
    const { body } = await foreman
      .put(`/api/jobs/${job.id}/house-rules`)
      .send({ version: job.version, houseRules: { stops: 'multi-turn' } })
      .expect(200);
    expect(await undo()).toMatchObject({ kind: 'job-house-rules', what: job.name });
    const { body: now } = await foreman.get(`/api/jobs/${job.id}`);
    expect(now).toMatchObject({ version: (body as JobView).version + 1, houseRules: {} });
  });

  it('a model that was changed or retired', async () => {
    const [model] = (await foreman.get('/api/catalogue')).body as [ModelView];
    const { id, version, retired: _retired, ...said } = model;
    const now = async (): Promise<ModelView> =>
      ((await foreman.get('/api/catalogue')).body as ModelView[]).find((one) => one.id === id)!;
    await foreman
      .put(`/api/catalogue/${id}`)
      .send({ version, model: { ...said, lifeYears: [1, 2] } })
      .expect(200);
    expect(await undo()).toMatchObject({ kind: 'model-change' });
    expect(await now()).toEqual({ ...model, version: version + 2 });
    await foreman
      .put(`/api/catalogue/${id}/retired`)
      .send({ version: version + 2, retired: true })
      .expect(200);
    expect(await undo()).toMatchObject({ kind: 'model-retire' });
    expect(await now()).toMatchObject({ retired: false, version: version + 4 });
  });

  it('order lines that were added, changed or removed', async () => {
    const address = `/api/jobs/${job.id}/orders`;
    const drafts = async (): Promise<OrdersView['orders'][number]['lines']> =>
      ((await foreman.get(address)).body as OrdersView).orders
        .filter(({ state }) => state === 'draft')
        .flatMap(({ lines }) => lines);
    const before = await drafts();
    const id = randomUUID();
    const add = { lines: [{ id, text: '1 in ball valve', quantity: 2, note: 'by Friday' }] };
    await foreman.post(`${address}/lines`).send(add).expect(201);
    // Sent again after its answer was lost, it is neither ordered nor logged again.
    await foreman.post(`${address}/lines`).send(add).expect(201);
    expect((await mine()).filter(({ kind }) => kind === 'order-add')).toHaveLength(1);
    await undo();
    expect(await drafts()).toEqual(before);
    await undo();
    const back = (await drafts()).find((line) => line.id === id)!;
    expect(back).toMatchObject({ text: '1 in ball valve', quantity: 2, note: 'by Friday', version: 1 });
    await foreman
      .put(`/api/order-lines/${id}`)
      .send({ version: 1, text: '2 in ball valve', quantity: 3, note: '' })
      .expect(200);
    expect(await undo()).toMatchObject({ kind: 'order-change' });
    expect((await drafts()).find((line) => line.id === id)).toMatchObject({ ...back, version: 3 });
    await foreman
      .delete(`${address}/lines`)
      .send({ ids: [id] })
      .expect(200);
    expect(await undo()).toMatchObject({ kind: 'order-remove' });
    expect((await drafts()).find((line) => line.id === id)).toMatchObject({ ...back, version: 4 });
  });
});
