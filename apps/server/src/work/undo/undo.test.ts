import { randomUUID } from 'node:crypto';
import type {
  EntryView,
  HistoryView,
  JobView,
  LineView,
  ModelView,
  OwnChangeView,
  PositionChangeView,
  PositionView,
} from '@grevik/contracts';
import { ownDuty } from '@grevik/core';
import { Sequelize } from 'sequelize';
import type request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('what was done', () => {
  let test: TestApp;
  let foreman: Agent;
  let technician: Agent;
  let job: JobView;
  let models: ModelView[];
  beforeAll(async () => {
    test = await startTestApp();
    foreman = await test.demo('foreman');
    technician = await test.demo('technician');
    [job] = (await foreman.get('/api/jobs')).body as [JobView];
    models = (await foreman.get('/api/catalogue')).body as ModelView[];
  });
  afterAll(() => test.close());

  const line = async (): Promise<LineView> =>
    (await foreman.get(`/api/lines/${job.lines[0]!.id}`)).body as LineView;
  const at = async (tag: string): Promise<PositionView> =>
    (await line()).positions.find((position) => position.tag === tag)!;
  const setPressure = async (who: Agent, tag: string, pressurePa: number): Promise<PositionView> => {
    const { id, version, duty } = await at(tag);
    const body = { version, duty: { ...duty, pressurePa } };
    return (await who.put(`/api/positions/${id}/duty`).send(body).expect(200)).body as PositionView;
  };
  const pick = async (tag: string, name: string): Promise<PositionView> => {
    const { id, version } = await at(tag);
    const modelId = models.find(({ maker, model }) => `${maker} ${model}` === name)!.id;
    const body = { version, modelId, reason: 'Because.' };
    return (await foreman.put(`/api/positions/${id}/pick`).send(body).expect(200)).body as PositionView;
  };
  const history = async (tag: string): Promise<HistoryView<PositionChangeView>> =>
    (await technician.get(`/api/positions/${(await at(tag)).id}/history`).expect(200))
      .body as HistoryView<PositionChangeView>;
  const undo = (who: Agent, { changed }: PositionView): request.Test =>
    who.post(`/api/changes/${changed!.id}/undo`);

  it('is signed and dated, with what was before and after, newest first', async () => {
    const before = await at('CW-107');
    await setPressure(technician, 'CW-107', 4e5);
    const picked = await pick('CW-107', 'Ostrand 21P');
    expect(picked.changed).toMatchObject({ by: 'Ada Wrenfield' });
    expect(Date.now() - Date.parse(picked.changed!.at)).toBeLessThan(60_000);
    expect(picked.pick).toMatchObject({ pickedBy: 'Ada Wrenfield' });
    const { changes } = await history('CW-107');
    expect(changes).toMatchObject([
      { kind: 'pick', by: 'Ada Wrenfield', before: null, after: { reason: 'Because.' } },
      { kind: 'duty', by: 'Joss Karran', before: ownDuty(before.duty), after: { pressurePa: 4e5 } },
    ]);
  });

  it('is shown as far back as it is asked for, and says whether there is more', async () => {
    const { id } = await at('CW-107');
    const asked = (most: string): request.Test => technician.get(`/api/positions/${id}/history?most=${most}`);
    const newest = (await asked('1').expect(200)).body as HistoryView<PositionChangeView>;
    expect(newest.changes).toHaveLength(1);
    expect(newest).toMatchObject({ changes: [{ kind: 'pick' }], hasOlder: true });
    expect(await history('CW-107')).toMatchObject({ hasOlder: false });
    const refused = await asked('0').expect(400);
    expect(refused.body).toMatchObject({ error: { field: 'most' } });
  });

  it('is taken back by whoever did it, and that can be taken back too', async () => {
    const before = await at('CW-106');
    const changed = await setPressure(foreman, 'CW-106', 4.4e5);
    await undo(technician, changed).expect(404);
    await undo(foreman, changed).expect(204);
    const undone = await at('CW-106');
    expect(undone).toMatchObject({ duty: before.duty, version: before.version + 2 });
    const twice = await undo(foreman, changed).expect(409);
    expect(twice.body).toMatchObject({ error: { message: expect.stringContaining('already') as string } });
    await undo(foreman, undone).expect(204);
    expect((await at('CW-106')).duty.pressurePa).toBe(4.4e5);
    expect((await history('CW-106')).changes.map(({ undoes }) => undoes !== null)).toEqual([
      true,
      true,
      false,
    ]);
  });

  it('stays where the same thing was changed since, and goes where something else was', async () => {
    const mine = await setPressure(foreman, 'CW-108', 4e5);
    await setPressure(technician, 'CW-108', 4.2e5);
    const refused = await undo(foreman, mine).expect(409);
    expect(refused.body).toMatchObject({
      error: { code: 'stale', current: { duty: { pressurePa: 4.2e5 } } },
    });
    const picked = await pick('CW-109', 'Ostrand 21P');
    await setPressure(technician, 'CW-109', 4.1e5);
    await undo(foreman, picked).expect(204);
    expect(await at('CW-109')).toMatchObject({ pick: null, duty: { pressurePa: 4.1e5 } });
  });

  it('of a pick brings the earlier pick back as it was', async () => {
    const earlier = (await at('CW-104')).pick!;
    const changed = await pick('CW-104', 'Ostrand 21P');
    await undo(foreman, changed).expect(204);
    expect((await at('CW-104')).pick).toMatchObject({
      modelId: earlier.modelId,
      reason: earlier.reason,
      verdict: earlier.verdict,
    });
  });

  it('is listed for the last twenty, and what lies further back is not taken back', async () => {
    const first = await setPressure(foreman, 'CW-110', 3e5);
    for (let step = 0; step < 20; step += 1) await setPressure(foreman, 'CW-110', 3e5 + step + 1);
    const mine = (await foreman.get('/api/changes/mine').expect(200)).body as OwnChangeView[];
    expect(mine).toHaveLength(20);
    expect(mine[0]).toMatchObject({
      kind: 'duty',
      what: 'CW-110',
      lineId: job.lines[0]!.id,
      isUndone: false,
    });
    await undo(foreman, first).expect(404);
  });

  it('of a walk list goes away whole, or stays whole once somebody worked on it', async () => {
    const take = async (tag: string, name: string): Promise<OwnChangeView> => {
      const text = `tag,line,medium,function,size,pressure,temperature\n${tag},${name},potable cold,isolate,1,5 bar,10 C`;
      await foreman
        .post(`/api/jobs/${job.id}/walk-list`)
        .send({ text, rows: [2] })
        .expect(201);
      return ((await foreman.get('/api/changes/mine')).body as OwnChangeView[])[0]!;
    };
    const names = async (): Promise<string[]> =>
      ((await foreman.get(`/api/jobs/${job.id}`)).body as JobView).lines.map(({ name }) => name);
    const brought = await take('NW-1', 'New wing');
    expect(brought).toMatchObject({ kind: 'walk-list', what: 'New wing' });
    await technician.post(`/api/changes/${brought.id}/undo`).expect(404);
    await foreman.post(`/api/changes/${brought.id}/undo`).expect(204);
    expect(await names()).not.toContain('New wing');
    const [back] = (await foreman.get('/api/changes/mine')).body as [OwnChangeView];
    expect(back).toMatchObject({ kind: 'walk-list', undoes: brought.id });
    await foreman.post(`/api/changes/${back.id}/undo`).expect(409);

    const kept = await take('NW-1', 'New wing');
    const added = ((await foreman.get(`/api/jobs/${job.id}`)).body as JobView).lines.find(
      ({ name }) => name === 'New wing',
    )!;
    const [position] = ((await foreman.get(`/api/lines/${added.id}`)).body as LineView).positions;
    const note = { id: randomUUID(), kind: 'note', text: 'seen', happenedAt: '2026-03-04T10:00:00Z' };
    await technician.post(`/api/positions/${position!.id}/entries`).send(note).expect(201);
    await foreman.post(`/api/changes/${kept.id}/undo`).expect(409);
    expect(await names()).toContain('New wing');
  });

  it('can be rewritten by nobody, not even in the database', async () => {
    const admin = new Sequelize(test.databaseUrl, { logging: false });
    for (const statement of [
      `UPDATE changes SET before = NULL`,
      `DELETE FROM changes`,
      `TRUNCATE changes CASCADE`,
      `UPDATE entries SET text = ''`,
      `DELETE FROM entries`,
    ])
      await expect(admin.query(statement)).rejects.toThrow('is a log');
    await admin.close();
  });
});

describe('an entry from the field', () => {
  let test: TestApp;
  let apprentice: Agent;
  let positionId: string;
  beforeAll(async () => {
    test = await startTestApp();
    apprentice = await test.demo('apprentice');
    const [job] = (await apprentice.get('/api/jobs')).body as [JobView];
    const { positions } = (await apprentice.get(`/api/lines/${job.lines[0]!.id}`)).body as LineView;
    positionId = positions.find(({ tag }) => tag === 'CW-106')!.id;
  });
  afterAll(() => test.close());

  const write = (entry: object): request.Test =>
    apprentice.post(`/api/positions/${positionId}/entries`).send(entry);
  const entries = async (): Promise<EntryView[]> =>
    ((await apprentice.get(`/api/positions/${positionId}/history`)).body as HistoryView<unknown>).entries;
  const fact = {
    kind: 'turned',
    text: 'Stiff at the end.',
    turns: 11.5,
    happenedAt: '2026-03-04T10:00:00.000Z',
  };

  it('sent twice, and twice at once, is stored once, signed', async () => {
    const entry = { id: randomUUID(), ...fact };
    const answers = await Promise.all([write(entry), write(entry)]);
    expect(answers.every(({ status }) => status === 201 || status === 200)).toBe(true);
    const again = await write(entry).expect(200);
    expect(again.body).toEqual({
      ...entry,
      found: null,
      finding: null,
      visit: null,
      by: 'Bea Lindqvist-Moor',
    });
    expect(await entries()).toEqual([again.body]);
  });

  it('keeps what the bench found, with its figures and the case it came from', async () => {
    const finding = {
      bench: 'hammer',
      verdict: 'care',
      measured: { value: 2_060_000, limit: 1_379_000, unit: 'Pa' },
      valve: 'Ostrand 21P',
      case: 'of=hammer&closingS=0.15',
    };
    const entry = {
      id: randomUUID(),
      kind: 'bench',
      text: 'Take at least 0.7 s.',
      finding,
      happenedAt: fact.happenedAt,
    };
    await write(entry).expect(201);
    expect((await entries()).find(({ id }) => id === entry.id)).toMatchObject({ kind: 'bench', finding });
    await write({ ...entry, finding: { ...finding, verdict: 'supports' } }).expect(409);
  });

  it('keeps its words: another text under the same id is refused', async () => {
    const id = randomUUID();
    await write({ id, ...fact }).expect(201);
    const refused = await write({ id, ...fact, text: 'Turns freely.' }).expect(409);
    expect(refused.body).toMatchObject({ error: { field: 'id' } });
    expect((await entries()).find((entry) => entry.id === id)?.text).toBe('Stiff at the end.');
  });

  it.each([
    [{ kind: 'sings' }, 'kind'],
    [{ turns: -1 }, 'turns'],
    [{ text: 7 }, 'text'],
    [{ kind: 'note', text: '  ' }, 'text'],
    [{ kind: 'bench' }, 'finding'],
    [{ finding: { bench: 'hammer', verdict: 'care' } }, 'finding'],
    [{ kind: 'bench', text: ' ', finding: { bench: 'hammer', verdict: 'care' } }, 'text'],
    [{ kind: 'bench', finding: { bench: 'tea', verdict: 'care' } }, 'finding.bench'],
    [{ happenedAt: 'yesterday' }, 'happenedAt'],
    [{ happenedAt: '2999-01-01T00:00:00Z' }, 'happenedAt'],
    [{ id: 'seven' }, 'id'],
  ])('is refused with %j at %s', async (wrong, field) => {
    const answer = await write({ id: randomUUID(), ...fact, ...wrong }).expect(400);
    expect(answer.body).toMatchObject({ error: { code: 'invalid-input', field } });
  });
});
