import { randomUUID } from 'node:crypto';
import type {
  DrillPersonView,
  DrillRecordView,
  DrillResultView,
  JobWalkView,
  SentDrillView,
} from '@grevik/contracts';
import { type DrillKind, drill, houseRuleSettings } from '@grevik/core';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

const TAKEN = '2026-11-28T07:00:00.000Z';

describe('drills', () => {
  let test: TestApp;
  let owner: Agent;
  let foreman: Agent;
  let apprentice: Agent;
  let technician: Agent;
  let positionId: string;

  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
    owner = await test.owner();
    [foreman, apprentice, technician] = await Promise.all([
      test.joins(owner, 'foreman'),
      test.joins(owner, 'apprentice'),
      test.joins(owner, 'technician'),
    ]);
    const { body: job } = await owner.post('/api/jobs').send({ name: 'Practice' }).expect(201);
    const { id } = job as { id: string };
    await owner
      .post(`/api/jobs/${id}/walk-list`)
      .send({ text: 'tag,line,medium,function,size\nG-1,Gas,natural gas,isolate,3/4', rows: [2] })
      .expect(201);
    const walk = (await owner.get(`/api/jobs/${id}/walk`)).body as JobWalkView;
    positionId = walk.lines[0]?.positions[0]?.id ?? '';
  });
  afterAll(() => test.close());

  const answered = (kind: DrillKind, seed: number, more: object = {}) => {
    const of = { kind, seed, level: 1 } as const;
    return { id: randomUUID(), ...of, answer: drill(of).key, tookS: 22, takenAt: TAKEN, ...more };
  };
  const me = async (agent: Agent): Promise<string> =>
    ((await agent.get('/api/drills/record').expect(200)).body as DrillRecordView).personId;

  it('an answer is graded here, whatever the device says, and stored once', async () => {
    const right = answered('purge-order', 3);
    const [{ body } = { body: undefined }] = await Promise.all(
      [1, 2, 3].map(() => apprentice.post('/api/drills/results').send(right).expect(201)),
    );
    expect(body).toMatchObject({
      kind: 'purge-order',
      level: 1,
      trade: 'gas',
      right: true,
      score: 1,
      takenAt: TAKEN,
    });
    const again = Array.from({ length: 6 }, () => apprentice.post('/api/drills/results').send(right));
    expect((await Promise.all(again)).map(({ status }) => status)).toEqual([201, 201, 201, 201, 201, 201]);
    const wrong = answered('name-it', 5);
    const other = drill({ kind: 'name-it', seed: 5, level: 1 }).answer;
    const chosen = other.form === 'choice' ? other.choices.find(({ id }) => id !== wrong.answer)?.id : '';
    await apprentice
      .post('/api/drills/results')
      .send({ ...wrong, answer: chosen })
      .expect(201);
    const record = (await apprentice.get('/api/drills/record').expect(200)).body as DrillRecordView;
    expect(record.results.map(({ kind, right: is }) => [kind, is]).sort()).toEqual([
      ['name-it', false],
      ['purge-order', true],
    ]);
  });

  it('a drill that is simulated and one whose answer is a list are graded as well', async () => {
    for (const kind of ['shut-it', 'what-to-close', 'what-is-wrong'] as const) {
      const { body } = await technician.post('/api/drills/results').send(answered(kind, 2)).expect(201);
      expect((body as DrillResultView).right).toBe(true);
    }
  });

  it.each([
    ['no seed and nothing shown', { seed: undefined }, /^Give seed for a drill made from one/],
    ['an answer of another form', { answer: ['ball'] }, /^answer is /],
    ['a day in place of a moment', { takenAt: '2026-11-28' }, /takenAt/],
    ['no level', { level: 4 }, /level/],
  ])('refuses %s', async (_name, more, message) => {
    const { body } = await apprentice
      .post('/api/drills/results')
      .send(answered('name-it', 9, more))
      .expect(400);
    expect((body as { error: { message: string } }).error.message).toMatch(message);
  });

  it('is graded under the house rules it was asked under', async () => {
    const houseRules = { 'old-gates': 'exercise', 'sewage-check': 'ball', 'gate-life': 'exercised' } as const;
    for (let seed = 0; seed < 6; seed += 1) {
      const of = { kind: 'which-check', seed, level: 3, trade: 'sewage' } as const;
      const { key } = drill(of, houseRuleSettings(houseRules));
      const { body } = await apprentice
        .post('/api/drills/results')
        .send(answered('which-check', seed, { ...of, houseRules, answer: key }))
        .expect(201);
      expect((body as DrillResultView).right).toBe(true);
    }
  });

  it('an id that somebody else used is refused', async () => {
    const taken = answered('name-it', 21);
    await apprentice.post('/api/drills/results').send(taken).expect(201);
    await technician.post('/api/drills/results').send(taken).expect(409);
  });

  it('three in a row make ready; the foreman sees it, the owner and others do not', async () => {
    for (const seed of [31, 32, 33])
      await apprentice
        .post('/api/drills/results')
        .send(answered('say-it', seed, { takenAt: `2026-11-2${seed - 30}T07:00:00.000Z` }))
        .expect(201);
    const people = (await foreman.get('/api/drills/people').expect(200)).body as DrillPersonView[];
    const id = await me(apprentice);
    const shown = people.find(({ personId }) => personId === id);
    expect(shown?.gasPassedAt).toBe(TAKEN);
    expect(shown?.firePassedAt).toBeNull();
    expect(shown?.ready.find(({ kind }) => kind === 'say-it')).toMatchObject({
      level: 1,
      since: '2026-11-23T07:00:00.000Z',
    });
    await foreman.get(`/api/drills/people/${id}`).expect(200);
    await owner.get('/api/drills/people').expect(403);
    await technician.get(`/api/drills/people/${id}`).expect(403);
    const stranger = await test.owner();
    const theirs = await test.joins(stranger, 'foreman');
    await theirs.get(`/api/drills/people/${id}`).expect(404);
  });

  it('a record leaves as CSV: one’s own, and everybody’s for the foreman', async () => {
    const { text } = await technician.get('/api/drills/record.csv').expect(200);
    const [head, ...rows] = text.trim().split('\r\n');
    expect(head?.replace('\uFEFF', '')).toBe('person,taken,kind,level,about,right,score,seconds');
    expect(rows).toHaveLength(3);
    const all = (await foreman.get('/api/drills/people.csv').expect(200)).text;
    expect(all).toContain('say-it');
    expect(all).toContain('shut-it');
  });

  it('a foreman sends a drill about a position; whoever it is for answers it, and the foreman sees that', async () => {
    const { duty, candidates } = drill({ kind: 'which-valve', seed: 4, level: 1, trade: 'gas' }).question as {
      duty: object;
      candidates: object[];
    };
    const key = drill({ kind: 'which-valve', seed: 4, level: 1, trade: 'gas' }).key;
    const id = randomUUID();
    const sending = {
      id,
      positionId,
      kind: 'which-valve',
      shown: { duty, candidates },
      personIds: [await me(apprentice)],
    };
    await foreman.post('/api/drills/sent').send(sending).expect(201);
    await foreman.post('/api/drills/sent').send(sending).expect(201);
    const [sent, ...none] = (await apprentice.get('/api/drills/sent').expect(200)).body as SentDrillView[];
    expect(none).toEqual([]);
    expect(sent).toMatchObject({ id, tag: 'G-1', isMine: true, people: 1, answers: [] });
    expect((await technician.get('/api/drills/sent')).body).toEqual([]);

    const answer = {
      id: randomUUID(),
      kind: 'which-valve',
      level: 1,
      sentId: id,
      answer: key,
      tookS: 9,
      takenAt: TAKEN,
    };
    await technician.post('/api/drills/results').send(answer).expect(404);
    await apprentice.post('/api/drills/results').send(answer).expect(201);
    const [seen] = (await foreman.get('/api/drills/sent').expect(200)).body as SentDrillView[];
    expect(seen?.answers).toMatchObject([{ right: true, takenAt: TAKEN }]);
  });

  it.each([
    ['nobody of this company', { personIds: [randomUUID()] }, 400],
    ['a position that is not there', { positionId: randomUUID() }, 404],
    ['a question without candidates', { shown: { duty: {} } }, 400],
  ])('refuses to send to %s', async (_name, more, status) => {
    const { question } = drill({ kind: 'which-valve', seed: 4, level: 1 });
    await foreman
      .post('/api/drills/sent')
      .send({
        id: randomUUID(),
        positionId,
        kind: 'which-valve',
        shown: question,
        personIds: [await me(apprentice)],
        ...more,
      })
      .expect(status);
  });
});
