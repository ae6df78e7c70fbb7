import { randomUUID } from 'node:crypto';
import type {
  HistoryView,
  JobView,
  JobWalkView,
  ModelView,
  NewOwnerPage,
  OrdersView,
  OwnerPageListing,
  OwnerPageView,
  PositionView,
} from '@grevik/contracts';
import { lineUp } from '@grevik/core';
import { Sequelize } from 'sequelize-typescript';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('a page for an owner', () => {
  let test: TestApp;
  let owner: Agent;
  let job: JobView;
  let at: PositionView;
  let beside: PositionView;
  let fitting: ModelView[];

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.demo();
    [job] = (await owner.get('/api/jobs')).body as [JobView];
    at = await position('CW-103');
    beside = await position('CW-109');
    const models = (await owner.get('/api/catalogue')).body as ModelView[];
    fitting = lineUp({ ...at.duty, medium: 'potable-cold' }, models).columns.map(({ model }) => model);
  });
  afterAll(() => test.close());

  const position = async (tag: string): Promise<PositionView> => {
    const { lines } = (await owner.get(`/api/jobs/${job.id}/walk`)).body as JobWalkView;
    return lines.flatMap(({ positions }) => positions).find((one) => one.tag === tag)!;
  };
  const item = (positionId = at.id, more: object = {}) => ({
    positionId,
    found: 'The valve does not turn.',
    canHappen: 'In a leak nothing can be shut off here.',
    ifNothing: 'It stays as it is.',
    options: fitting.slice(0, 2).map(({ id }) => ({ modelId: id, parts: 12.5, hours: 1.5, hourlyRate: 95 })),
    ...more,
  });
  const make = (items: object[] = [item()], more: object = {}) =>
    owner
      .post(`/api/positions/${at.id}/owner-pages`)
      .send({ id: randomUUID(), items, days: 30, taxRate: 0.07, ...more });
  const made = async (items?: object[]): Promise<NewOwnerPage> =>
    (await make(items).expect(201)).body as NewOwnerPage;
  const stranger = () => request(test.http);
  const decide = (key: string, option: number, name = 'Tilda Brook', positionId = at.id) =>
    stranger().post(`/api/owner/${key}/answers`).send({ positionId, option, name });

  it('is opened without signing in, shows what it was made with, and nothing else of the company', async () => {
    const { key } = await made();
    const { body } = await stranger().get(`/api/owner/${key}`).expect(200);
    const page = body as OwnerPageView;
    expect(page).toMatchObject({ jobName: job.name, taxRate: 0.07, answers: [], madeBy: 'Maren Tolvik' });
    expect(page.items).toHaveLength(1);
    expect(page.items[0]).toMatchObject({
      tag: 'CW-103',
      failure: 'seized',
      found: 'The valve does not turn.',
    });
    const [option] = page.items[0]!.options;
    const { valve, parts, work, tax, whole } = option!.price;
    expect([parts, work]).toEqual([12.5, 142.5]);
    expect(whole).toBeCloseTo(valve + parts + work + tax, 9);
    expect(Object.keys(page).sort()).toEqual(
      [
        'answers',
        'companyName',
        'currency',
        'expiresAt',
        'items',
        'jobName',
        'madeAt',
        'madeBy',
        'taxRate',
      ].sort(),
    );
    for (const path of ['/api/jobs', '/api/catalogue', `/api/positions/${at.id}/photos`])
      await stranger().get(path).expect(401);
  });

  it('leaves as a PDF with its options, its photos and room to sign', async () => {
    const photoId = randomUUID();
    await owner
      .put(`/api/positions/${at.id}/photos/${photoId}`)
      .set('content-type', 'image/png')
      .send(PNG)
      .expect(200);
    const { key } = await made([item(at.id, { photos: [photoId] })]);
    await stranger()
      .get(`/api/owner/${key}/photos/${photoId}`)
      .expect(200)
      .expect('content-type', /^image/);
    await stranger().get(`/api/owner/${key}/photos/${randomUUID()}`).expect(404);
    const { body } = await stranger().get(`/api/owner/${key}/page.pdf`).buffer(true).expect(200);
    expect((body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
    expect((body as Buffer).toString('latin1')).toContain('/Subtype /Image');
  });

  it('keeps its key to itself, and opens nothing once it is withdrawn or has run out', async () => {
    const page = await made();
    const listed = (await owner.get(`/api/positions/${at.id}/owner-pages`)).body as OwnerPageListing[];
    expect(JSON.stringify(listed)).not.toContain(page.key);
    await owner.delete(`/api/owner-pages/${page.id}`).expect(204);
    await stranger().get(`/api/owner/${page.key}`).expect(404);
    await decide(page.key, 0).expect(404);
    const other = await made();
    await test.app
      .get(Sequelize)
      .query(`UPDATE owner_pages SET expires_at = now() - interval '1 minute' WHERE id = :id`, {
        replacements: { id: other.id },
      });
    await stranger().get(`/api/owner/${other.key}`).expect(404);
    await stranger()
      .get(`/api/owner/${'x'.repeat(32)}`)
      .expect(404);
  });

  it('refused is written at the valve, with what was said and by whom it was refused', async () => {
    const { key } = await made();
    const { body } = await decide(key, -1).expect(200);
    expect((body as OwnerPageView).answers).toMatchObject([{ option: -1, name: 'Tilda Brook' }]);
    const { entries } = (await owner.get(`/api/positions/${at.id}/history`)).body as HistoryView<object>;
    expect(entries[0]).toMatchObject({ kind: 'refused', by: 'Maren Tolvik' });
    expect(entries[0]!.text).toBe(
      'Tilda Brook was told, and wants nothing done: The valve does not turn. In a leak nothing can be shut off here. It stays as it is.',
    );
    expect((await position('CW-103')).condition).toMatchObject({ turning: 'seized' });
  });

  it('accepted picks and orders it, once, however often it is sent', async () => {
    const { key } = await made();
    await decide(key, 1).expect(200);
    await decide(key, 1).expect(200);
    const [, second] = fitting;
    expect((await position('CW-103')).pick).toMatchObject({
      modelId: second!.id,
      reason: expect.stringMatching(/^Accepted by Tilda Brook on the page of /) as string,
    });
    const { orders } = (await owner.get(`/api/jobs/${job.id}/orders`)).body as OrdersView;
    const ordered = orders
      .flatMap(({ lines }) => lines)
      .filter(({ note }) => note === 'Accepted by Tilda Brook');
    expect(ordered).toMatchObject([{ quantity: 1 }]);
    expect(JSON.stringify(ordered[0]!.positions)).toContain(at.id);
    const { body } = await decide(key, 0, 'Somebody Else').expect(409);
    expect(body).toMatchObject({
      error: { message: expect.stringContaining('Tilda Brook decided this already') as string },
    });
  });

  it('shows several valves of one job, each decided by itself', async () => {
    const { key } = await made([item(), item(beside.id, { options: [await optionAt(beside)] })]);
    await decide(key, -1, 'Tilda Brook', beside.id).expect(200);
    const { body } = await decide(key, 0).expect(200);
    expect((body as OwnerPageView).answers).toHaveLength(2);
  });

  it.each([
    ['photos of other positions', () => [item(at.id, { photos: [randomUUID()] })], 'items[0].photos'],
    ['no option', () => [item(at.id, { options: [] })], 'items[0].options'],
    ['nothing at the position it is made at', () => [item(beside.id)], 'items[0].positionId'],
  ])('with %s is refused by name', async (_what, items, field) => {
    const { body } = await make(items()).expect(400);
    expect((body as { error: { field: string } }).error.field).toContain(field);
  });

  it('offers nothing that is ruled out, nor anything of another company', async () => {
    const [retired] = fitting;
    const other = await test.owner();
    await other.delete(`/api/owner-pages/${(await made()).id}`).expect(404);
    await make([
      item(at.id, { options: [{ modelId: randomUUID(), parts: 0, hours: 1, hourlyRate: 95 }] }),
    ]).expect(404);
    await owner
      .put(`/api/catalogue/${retired!.id}/retired`)
      .send({ version: retired!.version, retired: true });
    await make().expect(422);
  });

  const optionAt = async ({ duty }: PositionView) => {
    const models = (await owner.get('/api/catalogue')).body as ModelView[];
    const [best] = lineUp({ ...duty, medium: 'potable-cold' }, models).columns;
    return { modelId: best!.model.id, parts: 0, hours: 2, hourlyRate: 95 };
  };
});

/** The smallest PNG there is. */
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);
