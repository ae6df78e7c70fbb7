import { randomUUID } from 'node:crypto';
import type { JobView, JobWalkView, LineView, WalkEdited, WalkInsert } from '@grevik/contracts';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('the walk of a line', () => {
  let test: TestApp;
  let owner: Agent;
  let job: JobView;
  let lineId: string;

  const line = async (): Promise<LineView> =>
    (await owner.get(`/api/lines/${lineId}`).expect(200)).body as LineView;
  const edit = async (
    at: number,
    remove: number,
    insert: WalkInsert[],
    status = 200,
  ): Promise<WalkEdited> => {
    const { version } = (await line()).walk;
    const answer = await owner
      .put(`/api/lines/${lineId}/walk`)
      .send({ version, at, remove, insert })
      .expect(status);
    return answer.body as WalkEdited;
  };
  const item = (kind: WalkInsert['kind'], rest: Partial<WalkInsert> = {}): WalkInsert => ({
    id: randomUUID(),
    kind,
    depth: 0,
    ...rest,
  });
  const undo = (changeId: string, status = 204) => owner.post(`/api/changes/${changeId}/undo`).expect(status);

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.demo();
    job = ((await owner.get('/api/jobs')).body as JobView[])[0]!;
    lineId = job.lines.find(({ name }) => name === 'Heating')!.id;
  });
  afterAll(() => test.close());

  it('makes an edit once that is sent twice, and refuses an id that another change has', async () => {
    const { version, items } = (await line()).walk;
    const sent = {
      id: randomUUID(),
      version,
      at: items.length,
      remove: 0,
      insert: [item('valve', { type: 'ball', name: 'Sent twice', valve: {} })],
    };
    const put = (body: object) => owner.put(`/api/lines/${lineId}/walk`).send(body);
    const first = (await put(sent).expect(200)).body as WalkEdited;
    expect((await put(sent).expect(200)).body).toEqual(first);
    expect((await line()).walk.items).toHaveLength(items.length + 1);
    await undo(first.changeId);
    const { version: now } = (await line()).walk;
    const other = (await owner.get('/api/changes/mine').expect(200)).body as { id: string; kind: string }[];
    const taken = other.find(({ kind }) => kind !== 'walk');
    if (taken) await put({ ...sent, id: taken.id, version: now }).expect(409);
    expect((await line()).walk.items).toHaveLength(items.length);
  });

  it('makes a position for each new valve, tagged and sized after what stands before it', async () => {
    const before = await line();
    const edited = await edit(before.walk.items.length, 0, [
      item('run', { material: 'steel', dn: 20, lengthM: 4 }),
      item('valve', { type: 'ball', name: 'Store room', valve: {} }),
      item('valve', { type: 'check-swing', valve: { tag: 'HT-150', dn: 25 } }),
    ]);
    const after = await line();
    expect(after.positions.slice(-2)).toMatchObject([
      {
        tag: 'HT-109',
        remarks: 'Store room',
        duty: { function: 'isolate', dn: 20, existing: true },
      },
      { tag: 'HT-150', duty: { function: 'non-return', dn: 25 } },
    ]);
    expect(edited.positions.map(({ tag }) => tag)).toEqual(['HT-109', 'HT-150']);
    expect(after.walk.items.slice(-3)).toEqual(edited.items);
    expect(after.walk.version).toBe(before.walk.version + 1);
  });

  it('moves a stretch, and numbers the positions as the water goes', async () => {
    const { walk, positions } = await line();
    const [first, second] = [walk.items[2]!, walk.items[3]!];
    await edit(2, 2, [second, first]);
    expect((await line()).positions.slice(0, 2).map(({ id }) => id)).toEqual([
      positions[1]!.id,
      positions[0]!.id,
    ]);
  });

  it('takes an edit back, with the positions it removed and their picks', async () => {
    const before = await line();
    const at = before.walk.items.findIndex(({ positionId }) => positionId === before.positions.at(-1)!.id);
    const { changeId } = await edit(at, 1, []);
    expect((await line()).positions).toHaveLength(before.positions.length - 1);
    await undo(changeId);
    const after = await line();
    expect(after.walk.items).toEqual(before.walk.items);
    expect(after.positions.at(-1)).toMatchObject({ id: before.positions.at(-1)!.id, tag: 'HT-150' });
  });

  it('takes nothing back that was changed since', async () => {
    const { items } = (await line()).walk;
    const { changeId } = await edit(items.length, 0, [item('tee', { name: 'Loft' })]);
    await edit(items.length, 1, [item('tee', { name: 'Attic' })]);
    const { body } = await undo(changeId, 409);
    expect(body).toMatchObject({ error: { code: 'stale' } });
  });

  it('keeps a position with a log on the line', async () => {
    const { walk, positions } = await line();
    const id = positions[2]!.id;
    await owner
      .post(`/api/positions/${id}/entries`)
      .send({ id: randomUUID(), kind: 'note', text: 'seen', happenedAt: '2026-01-01T00:00:00Z' })
      .expect(201);
    const at = walk.items.findIndex(({ positionId }) => positionId === id);
    const refused = (await edit(at, 1, [], 409)) as unknown as { error: { message: string } };
    expect(refused.error.message).toContain(`${positions[2]!.tag} has log entries`);
    expect((await line()).positions.some((position) => position.id === id)).toBe(true);
  });

  it.each<[string, (line: LineView) => { at: number; remove: number; insert: WalkInsert[] }, string]>([
    ['its source gone', () => ({ at: 0, remove: 1, insert: [] }), 'insert'],
    [
      'an item indented by two',
      () => ({ at: 1, remove: 0, insert: [item('tee', { depth: 2 })] }),
      'insert.depth',
    ],
    [
      'an end that is not there',
      () => ({ at: 1, remove: 0, insert: [item('run', { endsAt: 'x' })] }),
      'insert.endsAt',
    ],
    [
      'a tag given already',
      () => ({ at: 1, remove: 0, insert: [item('valve', { valve: { tag: 'cw-101' } })] }),
      'insert.valve.tag',
    ],
    [
      'a position that stands elsewhere',
      ({ positions }) => ({ at: 1, remove: 0, insert: [item('valve', { positionId: positions[0]!.id })] }),
      'insert.positionId',
    ],
    [
      'a length that is none',
      () => ({ at: 1, remove: 0, insert: [item('run', { lengthM: -1 })] }),
      'insert[0].lengthM',
    ],
  ])('refuses %s, and changes nothing', async (_what, of, field) => {
    const before = await line();
    const { body } = await owner
      .put(`/api/lines/${lineId}/walk`)
      .send({ version: before.walk.version, ...of(before) })
      .expect(400);
    expect(body).toMatchObject({ error: { code: 'invalid-input', field } });
    expect(await line()).toEqual(before);
  });

  it('refuses an edit of a walk that was changed meanwhile', async () => {
    const { walk } = await line();
    await owner
      .put(`/api/lines/${lineId}/walk`)
      .send({ version: walk.version - 1, at: 1, remove: 0, insert: [] })
      .expect(409);
  });

  it('begins with its source on a new line, and a name is given once a job', async () => {
    const add = (name: string) =>
      owner.post(`/api/jobs/${job.id}/lines`).send({ name, medium: 'natural-gas' });
    const { body } = await add('Bakery gas').expect(201);
    const made = body as LineView;
    expect(made).toMatchObject({
      medium: 'natural-gas',
      positions: [],
      walk: { version: 0, items: [{ kind: 'source' }] },
    });
    const insert = [item('valve', { type: 'ball', valve: {} })];
    const edited = await owner
      .put(`/api/lines/${made.id}/walk`)
      .send({ version: 0, at: 1, remove: 0, insert })
      .expect(200);
    expect(edited.body).toMatchObject({
      version: 1,
      positions: [{ tag: 'GA-104', duty: { function: 'isolate', dn: 20, existing: true } }],
    });
    await add('bakery gas').expect(409);
    await owner
      .post(`/api/jobs/${randomUUID()}/lines`)
      .send({ name: 'X', medium: 'natural-gas' })
      .expect(404);
  });

  it('is part of the job a device keeps', async () => {
    const { lines } = (await owner.get(`/api/jobs/${job.id}/walk`).expect(200)).body as JobWalkView;
    expect(lines).toHaveLength(job.lines.length + 1);
    expect(lines[0]!.positions[2]).toMatchObject({ tag: 'CW-103' });
    expect(lines[0]!.positions.find(({ tag }) => tag === 'CW-103')?.condition).toMatchObject({
      type: 'gate-solid',
      turning: 'seized',
      by: 'Joss Karran',
    });
  });

  it('lets a position be named anew, once each tag, and takes that back', async () => {
    const { positions } = await line();
    const { id, version, tag } = positions[0]!;
    const { body } = await owner
      .put(`/api/positions/${id}/name`)
      .send({ version, tag: 'HT-200', remarks: 'By the door' })
      .expect(200);
    expect(body).toMatchObject({ tag: 'HT-200', remarks: 'By the door', version: version + 1 });
    await owner
      .put(`/api/positions/${id}/name`)
      .send({ version: version + 1, tag: positions[1]!.tag, remarks: '' })
      .expect(409);
    await undo((body as { changed: { id: string } }).changed.id);
    expect((await line()).positions[0]).toMatchObject({ tag });
  });

  it('says what is known of a position from what was found, the last word on each fact', async () => {
    const { id } = (await line()).positions[1]!;
    const found = (happenedAt: string, facts: object) =>
      owner
        .post(`/api/positions/${id}/entries`)
        .send({ id: randomUUID(), kind: 'found', text: '', found: facts, happenedAt });
    await found('2026-02-01T00:00:00.000Z', { turning: 'stiff', type: 'gate-solid' }).expect(201);
    await found('2025-02-01T00:00:00.000Z', { turning: 'seized', holding: 'tight' }).expect(201);
    expect((await line()).positions[1]!.condition).toMatchObject({
      type: 'gate-solid',
      turning: 'stiff',
      holding: 'tight',
    });
    await found('2026-02-01T00:00:00Z', {}).expect(400);
    await found('2026-02-01T00:00:00Z', { turning: 'often' }).expect(400);
  });

  it('takes the company’s side in a house rule', async () => {
    const { body } = await owner
      .put('/api/company/house-rules')
      .send({ version: 0, houseRules: { 'old-gates': 'leave' } })
      .expect(200);
    expect(body).toMatchObject({ houseRules: { 'old-gates': 'leave' } });
    const refused = await owner
      .put('/api/company/house-rules')
      .send({ version: 1, houseRules: { 'old-gates': 'burn' } })
      .expect(400);
    expect(refused.body).toMatchObject({ error: { field: 'houseRules.old-gates' } });
    await owner.put('/api/company/house-rules').send({ version: 1, houseRules: {} }).expect(200);
  });
});
