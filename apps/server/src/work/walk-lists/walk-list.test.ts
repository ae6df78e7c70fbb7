import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { JobView, LineView, WalkListPreview } from '@grevik/contracts';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';
import { readSheet } from './read-sheet.js';

const sample = readFileSync(join(__dirname, 'fixtures/walk-list.csv'), 'utf8');
const HEAD = 'tag,line,medium,function,size,pressure,temperature,flow,pipe,orientation,place,remarks';

describe('a sheet', () => {
  it('is read with semicolons, capitals, a byte-order mark, blank rows and cells over two lines', () => {
    const sheet = readSheet(
      `\uFEFF${HEAD.replaceAll(',', ';').toUpperCase()};Colour\r\nA;L;m;f;s;p;t;;;;;"one\r\ntwo";red\r\n\r\n;;;;;;;;;;;;\r\nB;L;m;f;s;p;t\r\n`,
    );
    expect(sheet.unread).toEqual(['Colour']);
    expect(sheet.rows.map(({ row, typed }) => [row, typed.tag, typed.remarks])).toEqual([
      [2, 'A', 'one\r\ntwo'],
      [5, 'B', ''],
    ]);
  });

  it.each([
    ['tag,line\nA,L', 'medium, function, size are missing'],
    [HEAD, 'no row'],
    [`${HEAD},tag\nA`, 'tag appears twice'],
    ['\u0000', 'missing'],
  ])('%j is refused with what would be right', (text, words) => {
    expect(() => readSheet(text)).toThrow(words);
  });
});

describe('a walk list', () => {
  let test: TestApp;
  let visitor: Agent;
  let job: JobView;
  beforeAll(async () => {
    test = await startTestApp();
    visitor = await test.demo('foreman');
    [job] = (await visitor.get('/api/jobs')).body as [JobView];
  });
  afterAll(() => test.close());
  const preview = async (text: string): Promise<WalkListPreview> =>
    (await visitor.post(`/api/jobs/${job.id}/walk-list/preview`).send({ text }).expect(200))
      .body as WalkListPreview;
  const take = (text: string, rows: number[]): request.Test =>
    visitor.post(`/api/jobs/${job.id}/walk-list`).send({ text, rows });
  const reread = async (): Promise<JobView> => (await visitor.get(`/api/jobs/${job.id}`)).body as JobView;

  it('is previewed row by row: 17 good, 5 refused with row, field and value, and nothing changed', async () => {
    const { positions, problems, newLines } = await preview(sample);
    expect(positions).toHaveLength(17);
    expect(problems.map(({ row, field, value }) => [row, field, value])).toEqual([
      [19, 'tag', 'CW-02'],
      [20, 'size', ''],
      [21, 'medium', 'soup'],
      [22, 'pressure', '-4 bar'],
      [23, 'pressure', '75'],
    ]);
    expect(newLines).toContainEqual({ name: 'Wash-down', medium: 'wash-water-high-pressure' });
    expect(newLines.map(({ name }) => name)).not.toContain('Domestic cold');
    expect(await reread()).toEqual(job);
  });

  it('goes in together, in its order, with its new lines and their medium', async () => {
    const { positions } = await preview(sample);
    const taken = await take(
      sample,
      positions.map(({ row }) => row),
    ).expect(201);
    expect(taken.body).toMatchObject({ added: 17 });
    const after = await reread();
    expect(after.lines.find(({ name }) => name === 'Lift station')).toMatchObject({
      medium: 'raw-sewage',
      positions: 2,
    });
    const cold = (await visitor.get(`/api/lines/${after.lines[0]!.id}`)).body as LineView;
    expect(cold.positions.slice(-6).map(({ tag }) => tag)).toEqual([
      'CW-01',
      'CW-02',
      'CW-03',
      'CW-04',
      'CW-05',
      'CW-06',
    ]);
  });

  it('is not taken where the job has changed since it was looked at', async () => {
    const before = await reread();
    const answer = await take(sample, [2, 3, 4]).expect(409);
    expect(answer.body).toMatchObject({ error: { code: 'conflict', field: 'rows' } });
    expect(await reread()).toEqual(before);
  });

  it('goes in once when it is sent twice at the same time', async () => {
    const twice = `${HEAD}\nTW-01,Twice,potable cold,isolate,1,5 bar,10 C\nTW-02,Twice,potable cold,isolate,1,5 bar,10 C`;
    const answers = await Promise.all([take(twice, [2, 3]), take(twice, [2, 3])]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409]);
    expect((await reread()).lines.find(({ name }) => name === 'Twice')?.positions).toBe(2);
  });

  it('keeps what a spreadsheet would run, and lets it out as plain text', async () => {
    const text = `${HEAD}\nXX-01,Odd line,potable cold,isolate,1,5 bar,10 C,,,,,"=HYPERLINK(""http://x"",""y"")"`;
    await take(text, [2]).expect(201);
    const odd = (await reread()).lines.find(({ name }) => name === 'Odd line')!;
    const csv = (await visitor.get(`/api/lines/${odd.id}/schedule.csv`)).text;
    expect(csv).toContain(`'=HYPERLINK`);
    const line = (await visitor.get(`/api/lines/${odd.id}`)).body as LineView;
    expect(line.positions[0]?.remarks).toBe('=HYPERLINK("http://x","y")');
  });

  it.each([
    [{ text: '' }, 'text'],
    [{ text: 7 }, 'text'],
    [{ text: 'tag\nA' }, 'text'],
    [{ text: sample, rows: [] }, 'rows'],
    [{ text: sample, rows: ['a'] }, 'rows'],
  ])('is refused as %j at %s', async (body, field) => {
    const path = `/api/jobs/${job.id}/walk-list${'rows' in body ? '' : '/preview'}`;
    const answer = await visitor.post(path).send(body).expect(400);
    expect(answer.body).toMatchObject({ error: { code: 'invalid-input', field } });
  });
});
