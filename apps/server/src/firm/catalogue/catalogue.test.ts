import type { CatalogueListPreview, JobView, LineView, ModelView } from '@grevik/contracts';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

const BALL = {
  maker: 'Fellside',
  model: '7',
  type: 'ball',
  port: 'full',
  approvals: ['potable'],
  ratingId: 'body-brass-600cwp',
  spares: [{ name: 'Seat kit', price: 4.5, everyYears: 10 }],
  sizes: [
    { dn: 20, price: 14.5, breaks: [{ from: 10, price: 12.25 }] },
    { dn: 15, price: 9, boreM: 0.0128, kv: 17 },
  ],
};

describe('the catalogue', () => {
  let test: TestApp;
  let owner: Agent;
  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.owner('Fellside works');
  });
  afterAll(() => test.close());

  const add = async (model: object): Promise<ModelView> =>
    (await owner.post('/api/catalogue').send({ model }).expect(201)).body as ModelView;
  const preview = async (format: string, text: string): Promise<CatalogueListPreview> =>
    (await owner.post('/api/catalogue/list/preview').send({ format, text }).expect(200))
      .body as CatalogueListPreview;

  it('takes a model and gives it back whole, sizes in their order', async () => {
    const { id, ...model } = await add(BALL);
    expect(model).toEqual({ ...BALL, version: 0, retired: false, sizes: [BALL.sizes[1], BALL.sizes[0]] });
    expect((await owner.get('/api/catalogue').expect(200)).body).toEqual([{ id, ...model }]);
  });

  it('refuses the same model a second time, and a size that is there twice, and keeps nothing', async () => {
    await owner.post('/api/catalogue').send({ model: BALL }).expect(409);
    const twice = {
      ...BALL,
      model: '8',
      sizes: [
        { dn: 20, price: 1 },
        { dn: 20, price: 2 },
      ],
    };
    const { body } = await owner.post('/api/catalogue').send({ model: twice }).expect(400);
    expect(body).toMatchObject({ error: { field: 'model.sizes' } });
    expect((await owner.get('/api/catalogue')).body).toHaveLength(1);
  });

  it('changes under a version: who saw an older one is shown the newer', async () => {
    const { id, version } = await add({ ...BALL, model: '9' });
    const model = { ...BALL, model: '9', port: 'reduced', sizes: [{ dn: 25, price: 30 }] };
    const { body } = await owner.put(`/api/catalogue/${id}`).send({ version, model }).expect(200);
    expect(body).toMatchObject({ version: 1, port: 'reduced', sizes: [{ dn: 25, price: 30 }] });
    const late = await owner.put(`/api/catalogue/${id}`).send({ version, model: BALL }).expect(409);
    expect(late.body).toMatchObject({ error: { code: 'stale', current: { version: 1 } } });
  });

  it('goes out as sheet and as JSON and comes back as nothing new', async () => {
    for (const format of ['csv', 'json']) {
      const { text } = await owner.get(`/api/catalogue/catalogue.${format}`).expect(200);
      expect(await preview(format, text)).toMatchObject({ adds: [], changes: [], same: 2, problems: [] });
    }
  });

  it('takes a list row by row: what is right goes in, what is not is named, and nothing else', async () => {
    const { text } = await owner.get('/api/catalogue/catalogue.csv').expect(200);
    const bad: Record<string, string> = {
      maker: 'Fellside',
      model: '10',
      type: 'ball',
      dn: '20',
      price: 'x',
    };
    const columns = text.split('\r\n')[0]!.split(',');
    const row = columns.map((name) => bad[name] ?? '').join(',');
    const list = `${text.replace('14.5', '15.5')}\r\n${row}`;
    const seen = await preview('csv', list);
    expect(seen).toMatchObject({
      adds: [],
      changes: ['Fellside 7'],
      problems: [{ row: 5, column: 'price' }],
    });
    await owner
      .post('/api/catalogue/list')
      .send({ format: 'csv', text: list, adds: 1, changes: 1 })
      .expect(409);
    await owner
      .post('/api/catalogue/list')
      .send({ format: 'csv', text: list, adds: 0, changes: 1 })
      .expect(200);
    const models = (await owner.get('/api/catalogue')).body as ModelView[];
    expect(models.find(({ model }) => model === '7')?.sizes.map(({ price }) => price)).toEqual([9, 15.5]);
    expect(models).toHaveLength(2);
  });

  it.each([
    ['json', '{', 'not a JSON file'],
    ['json', '{"a":1}', 'list of models'],
    ['csv', 'maker,model\nA,B', 'type, dn, price'],
  ])('refuses %s that reads %j', async (format, text, says) => {
    const { body } = await owner.post('/api/catalogue/list/preview').send({ format, text }).expect(400);
    expect((body as { error: { message: string } }).error.message).toContain(says);
  });

  it('names the models of a JSON list that can not be taken, by their place', async () => {
    const text = JSON.stringify([
      { ...BALL, model: '11' },
      { ...BALL, type: 'spigot' },
      { ...BALL, model: '11' },
    ]);
    expect(await preview('json', text)).toMatchObject({
      adds: ['Fellside 11'],
      problems: [
        { row: 2, column: 'type' },
        { row: 3, column: 'model' },
      ],
    });
  });

  describe('on a job', () => {
    let job: JobView;
    let line: LineView;
    let demo: Agent;
    let ball: ModelView;
    beforeAll(async () => {
      demo = await test.demo('owner');
      const [first] = (await demo.get('/api/jobs')).body as JobView[];
      job = first!;
      line = (await demo.get(`/api/lines/${job.lines.find(({ name }) => name === 'Domestic cold')!.id}`))
        .body as LineView;
      ball = ((await demo.get('/api/catalogue')).body as ModelView[]).find(({ model }) => model === '21P')!;
    });
    const places = (tags: readonly string[]) =>
      line.positions.filter(({ tag }) => tags.includes(tag)).map(({ id, version }) => ({ id, version }));
    const again = async (): Promise<void> => {
      line = (await demo.get(`/api/lines/${line.id}`)).body as LineView;
    };

    it('picks one model for many positions, each with its own verdict', async () => {
      const { body } = await demo
        .put(`/api/jobs/${job.id}/picks`)
        .send({ modelId: ball.id, reason: 'All alike.', positions: places(['CW-102', 'CW-103']) })
        .expect(200);
      expect((body as { pick: { modelId: string } }[]).map(({ pick }) => pick.modelId)).toEqual([
        ball.id,
        ball.id,
      ]);
    });

    it('picks for none where it can not be picked for one, or one was changed meanwhile', async () => {
      const stale = places(['CW-102', 'CW-104']);
      await again();
      const send = (positions: object[]) =>
        demo.put(`/api/jobs/${job.id}/picks`).send({ modelId: ball.id, reason: 'r', positions });
      await send(stale).expect(409);
      const hot = places(['CW-104']);
      await send([...hot, { id: job.id, version: 0 }]).expect(404);
      await again();
      expect(line.positions.find(({ tag }) => tag === 'CW-104')?.pick?.reason).not.toBe('r');
    });

    it('does not pick what is retired, and does again when it is taken back', async () => {
      const { body } = await demo
        .put(`/api/catalogue/${ball.id}/retired`)
        .send({ version: ball.version, retired: true })
        .expect(200);
      await again();
      const { id, version } = line.positions.find(({ tag }) => tag === 'CW-104')!;
      const pick = { version, modelId: ball.id, reason: 'r' };
      const refused = await demo.put(`/api/positions/${id}/pick`).send(pick).expect(422);
      expect((refused.body as { error: { message: string } }).error.message).toContain('retired');
      await demo
        .put(`/api/catalogue/${ball.id}/retired`)
        .send({ version: (body as ModelView).version, retired: false })
        .expect(200);
      await demo.put(`/api/positions/${id}/pick`).send(pick).expect(200);
    });

    it('judges by the settings the job takes for itself', async () => {
      const taken = await demo
        .put(`/api/jobs/${job.id}/house-rules`)
        .send({ version: 0, houseRules: { 'push-fit': 'never' } })
        .expect(200);
      expect((taken.body as JobView).houseRules).toEqual({ 'push-fit': 'never' });
      const models = (await demo.get('/api/catalogue')).body as ModelView[];
      const pushed = models.find(
        ({ ends, sizes }) => ends?.includes('push-fit') && sizes.some(({ dn }) => dn === 20),
      )!;
      await again();
      const { id, version } = line.positions.find(({ tag }) => tag === 'CW-103')!;
      const { body } = await demo
        .put(`/api/positions/${id}/pick`)
        .send({ version, modelId: pushed.id, reason: 'r' })
        .expect(422);
      expect((body as { error: { message: string } }).error.message).toContain('Push-fit is not used');
      const stale = await demo
        .put(`/api/jobs/${job.id}/house-rules`)
        .send({ version: 0, houseRules: {} })
        .expect(409);
      expect(stale.body).toMatchObject({ error: { code: 'stale', field: 'version' } });
      await demo.put(`/api/jobs/${job.id}/house-rules`).send({ version: 1, houseRules: {} }).expect(200);
    });
  });

  it('keeps what one size has of its own', async () => {
    const sizes = [
      { dn: 200, price: 900 },
      { dn: 300, price: 2100, port: 'reduced', operator: 'gear', ends: ['flange-125', 'flange-125'] },
    ];
    const plug = { maker: 'Ostrand', model: 'E2', type: 'plug-eccentric', port: 'full', sizes };
    expect((await add(plug)).sizes).toEqual(sizes);
  });
});
