import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import type { JobArchive, JobView, LineView, ModelView, OwnTaskView, TaskAdded } from '@grevik/contracts';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

describe('files written and read in the background', () => {
  let test: TestApp;
  let foreman: Agent;
  let job: JobView;
  beforeAll(async () => {
    test = await startTestApp();
    foreman = await test.demo('foreman');
    [job] = (await foreman.get('/api/jobs')).body as [JobView];
  });
  afterAll(() => test.close());

  const show = async (id: string): Promise<OwnTaskView> =>
    (await foreman.get(`/api/tasks/mine/${id}`).expect(200)).body as OwnTaskView;
  const ended = async (taskId: string): Promise<OwnTaskView> => {
    for (;;) {
      const task = await show(taskId);
      if (task.endedAt !== null) return task;
      await pause(50);
    }
  };
  const idOf = ({ body }: { body: unknown }): string => (body as TaskAdded).taskId;
  const sendIn = (archive: string) =>
    foreman
      .post('/api/archive/imports?name=sheds.json')
      .set('content-type', 'application/json')
      .send(archive)
      .expect(202);

  it('make a budget, for whoever asked and for nobody else', async () => {
    const asked = await foreman.post('/api/budget/file').send({ format: 'xlsx' }).expect(202);
    const task = await ended(idOf(asked));
    expect(task).toMatchObject({ kind: 'budget-file', state: 'done', problem: null });
    expect(task.file?.name).toMatch(/ budget\.xlsx$/);
    const file = await foreman
      .get(`/api/tasks/mine/${task.id}/file`)
      .buffer(true)
      .parse((answer, done) => {
        const pieces: Buffer[] = [];
        answer.on('data', (piece: Buffer) => pieces.push(piece));
        answer.on('end', () => done(null, Buffer.concat(pieces)));
      })
      .expect(200)
      .expect('content-type', /spreadsheetml/);
    const content = file.body as Buffer;
    expect(content.subarray(0, 2).toString()).toBe('PK');
    expect(content.length).toBe(task.file?.bytes);
    const apprentice = await test.demo('apprentice');
    await apprentice.get(`/api/tasks/mine/${task.id}`).expect(404);
    await apprentice.get(`/api/tasks/mine/${task.id}/file`).expect(404);
    await apprentice.delete(`/api/tasks/mine/${task.id}`).expect(404);
    // Whoever left the page meanwhile finds it in the list.
    const [newest] = (await foreman.get('/api/tasks/mine').expect(200)).body as OwnTaskView[];
    expect(newest).toEqual(task);
    expect((await apprentice.get('/api/tasks/mine').expect(200)).body).toEqual([]);
  });

  it('write a job and read it again under another name, with all its positions', async () => {
    const written = await ended(idOf(await foreman.post(`/api/archive/jobs/${job.id}/file`).expect(202)));
    expect(written.file?.name).toBe(`${job.name}.grevik.json`);
    const { text } = await foreman.get(`/api/tasks/mine/${written.id}/file`).expect(200);
    const archive = JSON.parse(text) as JobArchive;
    const read = await ended(idOf(await sendIn(JSON.stringify({ ...archive, job: 'Sheds' }))));
    const positions = job.lines.reduce((sum, line) => sum + line.positions, 0);
    expect(read).toMatchObject({ kind: 'job-import', what: 'sheds.json', state: 'done', file: null });
    expect(read.result?.imported).toMatchObject({ name: 'Sheds', positions });
    await foreman.get(`/api/jobs/${read.result?.imported?.jobId}`).expect(200);
  });

  it('say at once, and once, what is wrong with a file, and keep nothing of it', async () => {
    const before = ((await foreman.get('/api/jobs')).body as JobView[]).length;
    const task = await ended(idOf(await sendIn('{"format":"something else"}')));
    expect(task).toMatchObject({ state: 'failed', tries: 1, result: null });
    expect(task.problem).toContain('format');
    await foreman.get(`/api/tasks/mine/${task.id}/file`).expect(404);
    expect((await foreman.get('/api/jobs')).body).toHaveLength(before);
  });

  it('import the rows of a walk list that were seen, and none where others could be imported', async () => {
    const text = 'tag,line,medium,function,size,pressure\nQS-1,Quay sheds,cold water,shut off,3/4 in,5 bar';
    const importing = async (rows: number[]): Promise<OwnTaskView> =>
      ended(
        idOf(await foreman.post(`/api/jobs/${job.id}/walk-list/imports`).send({ text, rows }).expect(202)),
      );
    expect(await importing([2, 3])).toMatchObject({
      state: 'failed',
      tries: 1,
      problem: expect.stringContaining('Check the list again') as string,
    });
    const done = await importing([2]);
    expect(done).toMatchObject({ kind: 'walk-list-import', what: job.name, state: 'done' });
    const [line] = done.result?.walkList?.lines ?? [];
    expect(done.result?.walkList).toMatchObject({ jobId: job.id, added: 1, lines: [{ name: 'Quay sheds' }] });
    const { positions } = (await foreman.get(`/api/lines/${line?.id}`).expect(200)).body as LineView;
    expect(positions.map(({ tag }) => tag)).toEqual(['QS-1']);
    const [mine] = (await foreman.get('/api/changes/mine').expect(200)).body as { kind: string }[];
    expect(mine?.kind).toBe('walk-list');
    await foreman
      .post(`/api/jobs/${randomUUID()}/walk-list/imports`)
      .send({ text, rows: [2] })
      .expect(404);
  });

  it('import a list of models as it was seen', async () => {
    const models = [{ maker: 'Fellside', model: '7', type: 'ball', sizes: [{ dn: 20, price: 9 }] }];
    const given = { format: 'json', text: JSON.stringify(models), adds: 1, changes: 0 };
    const importing = async (seen: object): Promise<OwnTaskView> =>
      ended(
        idOf(
          await foreman
            .post('/api/catalogue/list/imports')
            .send({ ...given, ...seen })
            .expect(202),
        ),
      );
    expect(await importing({ adds: 2 })).toMatchObject({ state: 'failed', tries: 1, result: null });
    expect(await importing({})).toMatchObject({
      kind: 'catalogue-import',
      state: 'done',
      result: { models: { adds: 1, changes: 0 } },
    });
    const held = (await foreman.get('/api/catalogue').expect(200)).body as ModelView[];
    expect(held.filter(({ maker }) => maker === 'Fellside')).toHaveLength(1);
  });

  it('are cancelled by whoever asked, unless they have ended', async () => {
    const id = idOf(await foreman.post('/api/budget/file').send({ format: 'pdf' }).expect(202));
    const { status } = await foreman.delete(`/api/tasks/mine/${id}`);
    const { state, file } = await ended(id);
    expect([status, state, file === null]).toEqual(
      status === 204 ? [204, 'cancelled', true] : [409, 'done', false],
    );
    await foreman.delete(`/api/tasks/mine/${id}`).expect(409);
  });

  it('refuse what is no format, by name', async () => {
    const { body } = await foreman.post('/api/budget/file').send({ format: 'docx' }).expect(400);
    expect(JSON.stringify(body)).toContain('format');
  });
});
