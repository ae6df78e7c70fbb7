import { randomUUID } from 'node:crypto';
import type {
  EntriesView,
  DueListView,
  HistoryView,
  EntryRequest,
  JobArchive,
  JobView,
  OwnChangeView,
  OwnIntervalView,
  RoundListing,
  RoundView,
} from '@grevik/contracts';
import ICAL from 'ical.js';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

const YEAR = new Date().getUTCFullYear();
const UNTIL = `${YEAR}-12-31`;

describe('rounds', () => {
  let test: TestApp;
  let owner: Agent;
  let jobId: string;

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.owner();
    const demo = await test.demo();
    const [shown] = (await demo.get('/api/jobs')).body as [JobView];
    await owner
      .post('/api/archive/jobs')
      .send((await demo.get(`/api/archive/jobs/${shown.id}`)).body as object)
      .expect(201);
    const [job] = (await owner.get('/api/jobs')).body as [JobView];
    jobId = job.id;
  });
  afterAll(() => test.close());

  const due = async (query = `until=${UNTIL}`): Promise<DueListView> =>
    (await owner.get(`/api/due?${query}`).expect(200)).body as DueListView;
  const enter = (positionId: string, entry: Partial<EntryRequest>) =>
    owner
      .post(`/api/positions/${positionId}/entries`)
      .send({ id: randomUUID(), kind: 'visit', text: '', happenedAt: new Date().toISOString(), ...entry });
  const round = async (more: object = {}): Promise<RoundView> =>
    (
      await owner
        .post('/api/rounds')
        .send({
          id: randomUUID(),
          name: 'Fall',
          jobIds: [jobId],
          until: UNTIL,
          startsOn: `${YEAR}-11-02`,
          hoursADay: 4,
          ...more,
        })
        .expect(201)
    ).body as RoundView;

  describe('what is due', () => {
    it('is at valves in service, the longest overdue first, and the counts are of the whole list', async () => {
      const { tasks, overdue, due: all, positions } = await due();
      expect(tasks.length).toBe(all);
      expect(all).toBeGreaterThan(10);
      expect(overdue).toBeLessThanOrEqual(all);
      expect(new Set(tasks.map(({ positionId }) => positionId)).size).toBe(positions);
      const days = tasks.map(({ dueOn }) => dueOn ?? '');
      expect(days).toEqual([...days].sort());
    });

    it('marks the positions of a job at which it is overdue', async () => {
      const { asOf, tasks } = await due();
      const late = tasks.flatMap(({ positionId, dueOn }) =>
        dueOn !== null && dueOn < asOf ? [positionId] : [],
      );
      const { body } = await owner.get(`/api/jobs/${jobId}/overdue`).expect(200);
      expect([...(body as string[])].sort()).toEqual([...new Set(late)].sort());
    });

    it('is done for an interval once a visit says so; what was found seized is not operated and says why', async () => {
      const before = (await due()).tasks.find(({ task }) => task === 'exercise');
      if (!before) throw new Error('nothing is to be exercised');
      const has = async (): Promise<boolean> =>
        (await due()).tasks.some(
          ({ positionId, task }) => positionId === before.positionId && task === 'exercise',
        );
      await enter(before.positionId, { visit: { done: ['exercise'], turns: 14, holding: 'tight' } }).expect(
        201,
      );
      expect(await has()).toBe(false);
      // A valve that was seized is not on the list either, and says why.
      await enter(before.positionId, { kind: 'does-not-turn' }).expect(201);
      const { notOperated } = await due();
      expect(notOperated).toContainEqual(
        expect.objectContaining({ positionId: before.positionId, why: 'seized' }),
      );
    });

    it('is of one job, or of none of a job that is archived', async () => {
      expect((await due(`until=${UNTIL}&jobId=${randomUUID()}`)).due).toBe(0);
      expect((await due(`until=${UNTIL}&jobId=${jobId}`)).due).toBe((await due()).due);
      await owner.put(`/api/jobs/${jobId}/archived`).send({ archived: true }).expect(204);
      expect((await due()).due).toBe(0);
      await owner.put(`/api/jobs/${jobId}/archived`).send({ archived: false }).expect(204);
    });

    it.each(['until=soon', 'until=2026-02-30', '', `until=${UNTIL}&jobId=x`])(
      'refuses “%s”',
      async (query) => {
        const { body } = await owner.get(`/api/due?${query}`).expect(400);
        expect(body.error.field).toMatch(/until|jobId/);
      },
    );
  });

  describe('an interval', () => {
    const set = (interval: object, of: object = {}) => owner.put('/api/intervals').send({ interval, ...of });

    it('is set for company, job and position; the nearest counts, and undo takes it back', async () => {
      const [first] = (await due()).tasks.filter(({ task }) => task === 'exercise');
      if (!first) throw new Error('nothing is to be exercised');
      const at = async () =>
        (await due('until=2199-12-31')).tasks.find(
          (one) => one.positionId === first.positionId && one.task === 'exercise',
        );
      await set({ task: 'exercise', every: { months: 6 }, because: 'hard water' }).expect(200);
      expect(await at()).toMatchObject({ every: { months: 6 }, setBy: 'company', why: 'hard water' });
      await set({ task: 'exercise', every: { months: 3 }, because: 'ferries run' }, { jobId }).expect(200);
      expect(await at()).toMatchObject({ setBy: 'job' });
      const { body } = await set(
        { task: 'exercise', because: 'painted over' },
        { positionId: first.positionId },
      ).expect(200);
      expect(body as OwnIntervalView[]).toHaveLength(3);
      expect((body as OwnIntervalView[]).find(({ setBy }) => setBy === 'position')).toMatchObject({
        tag: first.tag,
        by: 'Tove Aldous',
        every: null,
      });
      expect(await at()).toBeUndefined();
      const [last] = (await owner.get('/api/changes/mine')).body as [OwnChangeView];
      await owner
        .post(`/api/changes/${last.id}/undo`)
        .expect((response) => expect(response.status).toBeLessThan(300));
      expect(await at()).toMatchObject({ setBy: 'job' });
      for (const { id } of (await owner.get('/api/intervals')).body as OwnIntervalView[])
        await owner.delete(`/api/intervals/${id}`).expect(204);
      expect(await at()).toMatchObject({ setBy: null });
    });

    it.each([
      [{ task: 'exercise', every: { months: 6 }, because: ' ' }, {}, 'interval.because'],
      [{ task: 'exercise', every: {}, because: 'x' }, {}, 'interval.every'],
      [{ task: 'dance', because: 'x' }, {}, 'interval.task'],
      [{ task: 'exercise', because: 'x' }, { jobId: randomUUID(), positionId: randomUUID() }, 'positionId'],
    ])('%j of %j is refused by name', async (interval, of, field) => {
      const { body } = await set(interval, of).expect(400);
      expect(body.error.field).toBe(field);
    });
  });

  describe('a round', () => {
    it('gathers what is due in walking order, shared out over working days', async () => {
      const { stopsInOrder, stops, endsOn, startsOn } = await round();
      expect(stopsInOrder.length).toBe(stops);
      const lines = stopsInOrder.filter(({ coordinates }) => !coordinates).map(({ lineId }) => lineId);
      expect(new Set(lines).size).toBe(lines.filter((line, at) => line !== lines[at - 1]).length);
      expect(endsOn > startsOn).toBe(true);
      for (const { on } of stopsInOrder) expect([1, 2, 3, 4, 5]).toContain(new Date(on).getUTCDay());
    });

    it('sent twice is one, and refused where nothing is due', async () => {
      const id = randomUUID();
      const one = await round({ id });
      expect((await round({ id })).version).toBe(one.version);
      const all = (await owner.get('/api/rounds')).body as RoundListing[];
      expect(all.filter((of) => of.id === id)).toHaveLength(1);
      const { body } = await owner
        .post('/api/rounds')
        .send({
          id: randomUUID(),
          name: 'None',
          jobIds: [randomUUID()],
          until: UNTIL,
          startsOn: UNTIL,
          hoursADay: 4,
        })
        .expect(400);
      expect(body.error).toMatchObject({ field: 'until' });
    });

    it('changes its order in the version that was seen, and undo takes it back', async () => {
      const { id, version, stopsInOrder } = await round();
      const order = stopsInOrder.map(({ positionId }) => positionId);
      const turned = [...order].reverse().slice(1);
      const { body } = await owner
        .put(`/api/rounds/${id}`)
        .send({ version, order: turned, hoursADay: 2 })
        .expect(200);
      expect((body as RoundView).stopsInOrder.map(({ positionId }) => positionId)).toEqual(turned);
      await owner.put(`/api/rounds/${id}`).send({ version, order }).expect(409);
      const stranger = randomUUID();
      const wrong = await owner
        .put(`/api/rounds/${id}`)
        .send({ version: version + 1, order: [stranger] })
        .expect(400);
      expect(wrong.body.error.field).toBe('order[0]');
      const [last] = (await owner.get('/api/changes/mine')).body as [OwnChangeView];
      await owner.post(`/api/changes/${last.id}/undo`);
      const back = (await owner.get(`/api/rounds/${id}`)).body as RoundView;
      expect(back.stopsInOrder.map(({ positionId }) => positionId)).toEqual(order);
      expect(back.hoursADay).toBe(4);
    });

    it('is done where visits say so, and not done where they say why; each knows the visit before', async () => {
      const { id, stopsInOrder } = await round();
      const [first, second] = stopsInOrder;
      const roundId = id;
      await enter(first!.positionId, { visit: { roundId, done: first!.tasks, left: 'open' } }).expect(201);
      await enter(second!.positionId, { visit: { roundId, done: [], notDone: 'no-access' } }).expect(201);
      const now = (await owner.get(`/api/rounds/${id}`)).body as RoundView;
      expect(now).toMatchObject({ done: 1, notDone: 1 });
      // Whoever comes back and cannot do it after all: the last visit counts, on the list too.
      await enter(first!.positionId, { visit: { roundId, done: [], notDone: 'in-use' } }).expect(201);
      const listed = ((await owner.get('/api/rounds')).body as RoundListing[]).find((of) => of.id === id);
      expect(listed).toMatchObject({ done: 0, notDone: 2 });
      await enter(first!.positionId, { visit: { roundId, done: first!.tasks, left: 'open' } }).expect(201);
      expect(now.stopsInOrder[0]!.visit).toMatchObject({ by: 'Tove Aldous', visit: { left: 'open' } });
      const next = await round({ until: '2199-12-31' });
      const again = next.stopsInOrder.find(({ positionId }) => positionId === first!.positionId);
      expect(again?.lastVisit).toMatchObject({ visit: { roundId: id } });
    });

    it.each([
      [{ done: [] }, 'visit.done'],
      [{ done: ['dance'] }, 'visit.done[0]'],
      [{ done: ['exercise'], curve: [{ turn: 1 }] }, 'visit.curve[0].torqueNm'],
    ])('a visit %j is refused by name', async (visit, field) => {
      const [first] = (await round()).stopsInOrder;
      const { body } = await enter(first!.positionId, { visit: visit as never }).expect(400);
      expect(body.error.field).toBe(field);
    });

    it('takes visits that waited together: each stored once, or refused by itself', async () => {
      const { id: roundId, stopsInOrder } = await round();
      const [first, second] = stopsInOrder;
      const visit = (positionId: string, more: object = {}) => ({
        ...{ id: randomUUID(), positionId, kind: 'visit', text: '', happenedAt: '2026-11-01T08:00:00.000Z' },
        ...{ visit: { roundId, done: ['exercise'] }, ...more },
      });
      const alone = ({ positionId, ...entry }: ReturnType<typeof visit>) => ({ positionId, entry });
      const good = visit(first!.positionId);
      const entries = [
        good,
        good,
        visit(second!.positionId, { visit: { roundId, done: [] } }),
        visit(randomUUID()),
        visit(second!.positionId, { id: good.id }),
        visit(second!.positionId),
      ];
      const { body } = await owner
        .post('/api/entries')
        .send({ entries: entries.map(alone) })
        .expect(200);
      expect((body as EntriesView).results.map(({ refusal }) => refusal)).toEqual([
        null,
        null,
        expect.stringMatching(/visit\.done is empty/),
        expect.stringMatching(/position was not found/),
        expect.stringMatching(/another entry with the id/),
        null,
      ]);
      const again = await owner
        .post('/api/entries')
        .send({ entries: [alone(good)] })
        .expect(200);
      expect((again.body as EntriesView).results).toEqual([{ id: good.id, refusal: null }]);
      const { stopsInOrder: now } = (await owner.get(`/api/rounds/${roundId}`)).body as RoundView;
      expect(now[0]!.visit?.id).toBe(good.id);
      expect(now[1]!.visit?.id).toBe(entries[5]!.id);
      const history = (await owner.get(`/api/positions/${first!.positionId}/history`))
        .body as HistoryView<object>;
      expect(history.entries.filter(({ id }) => id === good.id)).toHaveLength(1);
      const stranger = await test.owner();
      const theirs = await stranger.post('/api/entries').send({ entries: [alone(visit(first!.positionId))] });
      expect((theirs.body as EntriesView).results[0]!.refusal).toMatch(/not found/);
      const { body: wrong } = await owner
        .post('/api/entries')
        .send({ entries: [alone({ ...good, kind: 'x' })] })
        .expect(400);
      expect(wrong.error.field).toMatch(/^entries/);
    });

    it('travels with the archive of its job', async () => {
      const archive = (await owner.get(`/api/archive/jobs/${jobId}`)).body as object;
      expect(JSON.stringify(archive)).toContain('"notDone":"no-access"');
      const other = await test.owner();
      await other.post('/api/archive/jobs').send(archive).expect(201);
      expect(((await other.get(`/api/due?until=${UNTIL}`)).body as DueListView).due).toBe((await due()).due);
    });

    it('is no further for visits that came with a copy of its job', async () => {
      const { id, stopsInOrder } = await round();
      const [first] = stopsInOrder;
      await enter(first!.positionId, { visit: { roundId: id, done: first!.tasks } }).expect(201);
      const archive = (await owner.get(`/api/archive/jobs/${jobId}`)).body as JobArchive;
      await owner
        .post('/api/archive/jobs')
        .send({ ...archive, job: 'A copy' })
        .expect(201);
      const listed = ((await owner.get('/api/rounds')).body as RoundListing[]).find((of) => of.id === id);
      expect(listed).toMatchObject({ done: 1, notDone: 0 });
    });
  });

  describe('as a calendar', () => {
    const events = (text: string) =>
      new ICAL.Component(ICAL.parse(text))
        .getAllSubcomponents('vevent')
        .map((event) => new ICAL.Event(event));

    it('a file has an event for each day, as long as its stops take', async () => {
      const { id, stopsInOrder } = await round();
      const { text } = await owner
        .get(`/api/rounds/${id}/round.ics`)
        .expect(200)
        .expect('content-type', /text\/calendar/);
      const days = new Set(stopsInOrder.map(({ on }) => on));
      expect(events(text).map(({ startDate }) => startDate.toString().slice(0, 10))).toEqual([...days]);
      const [first] = events(text);
      const onFirst = stopsInOrder.filter(({ on }) => on === [...days][0]);
      expect(first!.duration.toSeconds() / 60).toBe(onFirst.reduce((sum, { minutes }) => sum + minutes, 0));
      expect(first!.description).toContain(onFirst[0]!.tag);
    });

    it('an address gives one’s own rounds until it is withdrawn, and nobody else’s', async () => {
      const { body } = await owner.post('/api/calendar').expect(201);
      const path = (body as { path: string }).path;
      const stranger = request(test.http);
      const { text } = await stranger.get(path).expect(200);
      expect(events(text).length).toBeGreaterThan(0);
      const again = (await owner.post('/api/calendar')).body as { path: string };
      await stranger.get(path).expect(404);
      await stranger.get(again.path).expect(200);
      const other = await test.owner();
      const theirs = ((await other.post('/api/calendar')).body as { path: string }).path;
      expect(events((await stranger.get(theirs)).text)).toEqual([]);
      await owner.delete('/api/calendar').expect(204);
      await stranger.get(again.path).expect(404);
    });

    it('addresses asked for at the same moment leave one that works', async () => {
      const asked = await Promise.all(
        Array.from({ length: 6 }, () => owner.post('/api/calendar').expect(201)),
      );
      const statuses = await Promise.all(
        asked.map(async ({ body }) => (await request(test.http).get((body as { path: string }).path)).status),
      );
      expect(statuses.filter((status) => status === 200)).toHaveLength(1);
    });
  });
});
