import type { InvitationView, NewInvitationView, PersonView, SessionView } from '@grevik/contracts';
import request from 'supertest';
import { Sequelize } from 'sequelize';
import { type Agent, PASSWORD, type TestApp, startTestApp } from '../../testing/test-app.js';

const NEXT = 'the tide comes at nine';

describe('people', () => {
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp();
  });
  afterAll(() => test.close());

  const fresh = (): Agent => request.agent(test.http);
  const signIn = (agent: Agent, email: string, password = PASSWORD): request.Test =>
    agent.post('/api/session').send({ email, password });
  const session = async (agent: Agent): Promise<SessionView> =>
    ((await agent.get('/api/session').expect(200)).body as { session: SessionView }).session;
  const invited = async (owner: Agent, role: string): Promise<NewInvitationView> =>
    (await owner.post('/api/people/invitations').send({ role }).expect(201)).body as NewInvitationView;
  const joins = (agent: Agent, token: string, email: string): request.Test =>
    agent
      .post('/api/people/invitations/accept')
      .send({ token, name: 'Nils Harrow', email, password: PASSWORD });

  it('look around in the demo company in one press, in the role they choose', async () => {
    const visitor = await test.demo('technician');
    expect(await session(visitor)).toMatchObject({
      person: { role: 'technician' },
      company: { isDemo: true },
      may: ['look', 'record', 'change-duty', 'walk', 'receive', 'rounds'],
    });
  });

  it('start a company, sign out, and sign in again by e-mail in any letters', async () => {
    const owner = await test.owner('Lock keepers');
    const { person, company } = await session(owner);
    expect(company).toEqual({ name: 'Lock keepers', isDemo: false });
    await owner.delete('/api/session').expect(204);
    expect(await session(owner)).toBeNull();
    const again = await signIn(owner, person.email.toUpperCase()).expect(200);
    expect(again.body).toMatchObject({ person: { id: person.id } });
    const cookie = String(again.headers['set-cookie']);
    expect(cookie).toMatch(/grevik\.session=.*HttpOnly.*SameSite=Strict/i);
    expect(JSON.stringify(again.body)).not.toContain('argon2');
  });

  it('are refused alike for a wrong password and an unknown e-mail, and after eight tries for a while', async () => {
    const owner = await test.owner();
    const { email } = (await session(owner)).person;
    const wrong = await signIn(fresh(), email, 'not the right one').expect(401);
    const unknown = await signIn(fresh(), 'nobody@works.example').expect(401);
    expect(wrong.body).toEqual(unknown.body);
    for (let tries = 0; tries < 7; tries += 1) await signIn(fresh(), email, 'still not right').expect(401);
    const held = await signIn(fresh(), email).expect(429);
    expect(held.body).toMatchObject({
      error: { code: 'too-many', message: expect.stringMatching(/Wait \d+ minutes/) as string },
    });
    const other = await test.owner();
    const theirs = (await session(other)).person.email;
    await signIn(fresh(), theirs).expect(200);
  });

  it('change their password, which signs out their other devices', async () => {
    const owner = await test.owner();
    const { email } = (await session(owner)).person;
    const phone = fresh();
    await signIn(phone, email).expect(200);
    const refused = await owner
      .put('/api/session/password')
      .send({ current: 'guess', next: NEXT })
      .expect(400);
    expect(refused.body).toMatchObject({ error: { field: 'current' } });
    await owner.put('/api/session/password').send({ current: PASSWORD, next: NEXT }).expect(200);
    expect(await session(owner)).toMatchObject({ person: { email } });
    expect(await session(phone)).toBeNull();
    await signIn(phone, email).expect(401);
    await signIn(phone, email, NEXT).expect(200);
    await owner.delete('/api/session/everywhere').expect(204);
    expect([await session(owner), await session(phone)]).toEqual([null, null]);
  });

  it('join by a link, once, in the role it says', async () => {
    const owner = await test.owner('Weir and daughters');
    const { token, id } = await invited(owner, 'technician');
    expect((await owner.get('/api/people/invitations')).body).toMatchObject([{ id, role: 'technician' }]);
    const guest = fresh();
    const offer = await guest.post('/api/people/invitations/look').send({ token }).expect(200);
    expect(offer.body).toEqual({
      company: 'Weir and daughters',
      role: 'technician',
      invitedBy: 'Tove Aldous',
    });
    const answers = await Promise.all([
      joins(guest, token, 'nils@weir.example'),
      joins(fresh(), token, 'second@weir.example'),
    ]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 404]);
    expect((await owner.get('/api/people')).body).toHaveLength(2);
    expect((await owner.get('/api/people/invitations')).body).toEqual([]);
    await guest.post('/api/people/invitations/look').send({ token }).expect(404);
  });

  it('can not join with a link that was withdrawn, has run out or was cut, nor twice under one e-mail', async () => {
    const owner = await test.owner();
    const { email } = (await session(owner)).person;
    const withdrawn = await invited(owner, 'foreman');
    await owner.delete(`/api/people/invitations/${withdrawn.id}`).expect(204);
    await joins(fresh(), withdrawn.token, 'late@weir.example').expect(404);
    await joins(fresh(), 'x', 'late@weir.example').expect(400);
    const old = await invited(owner, 'foreman');
    const admin = new Sequelize(test.databaseUrl, { logging: false });
    await admin.query(`UPDATE invitations SET expires_at = now() - interval '1 second'`);
    await admin.close();
    await joins(fresh(), old.token, 'late@weir.example').expect(404);
    const open = await invited(owner, 'foreman');
    const taken = await joins(fresh(), open.token, email.toUpperCase()).expect(409);
    expect(taken.body).toMatchObject({ error: { message: expect.stringContaining(email) as string } });
    expect(
      ((await owner.get('/api/people/invitations')).body as InvitationView[]).map(({ id }) => id),
    ).toEqual([open.id]);
  });

  it('get another role at once, and leave with their sessions, but never the last owner', async () => {
    const owner = await test.owner();
    const { token } = await invited(owner, 'apprentice');
    const guest = fresh();
    const joined = (await joins(guest, token, 'lena@works.example').expect(201)).body as SessionView;
    await guest.post('/api/jobs').send({ name: 'Mine' }).expect(403);
    await owner.put(`/api/people/${joined.person.id}/role`).send({ version: 0, role: 'foreman' }).expect(200);
    await guest.post('/api/jobs').send({ name: 'Mine' }).expect(201);
    const self = (await session(owner)).person.id;
    const last = await owner
      .put(`/api/people/${self}/role`)
      .send({ version: 0, role: 'foreman' })
      .expect(409);
    expect(last.body).toMatchObject({
      error: { message: expect.stringContaining('needs an owner') as string },
    });
    await owner.delete(`/api/people/${self}`).expect(409);
    await owner.delete(`/api/people/${joined.person.id}`).expect(200);
    expect(await session(guest)).toBeNull();
    await signIn(guest, 'lena@works.example').expect(401);
    const seen = await owner.put(`/api/people/${self}/role`).send({ version: 7, role: 'owner' }).expect(409);
    expect(seen.body).toMatchObject({ error: { code: 'stale', field: 'version' } });
    const back = await joins(guest, (await invited(owner, 'technician')).token, 'lena@works.example').expect(
      201,
    );
    expect(back.body).toMatchObject({ person: { role: 'technician' } });
    await owner.delete(`/api/people/${(back.body as SessionView).person.id}`).expect(200);
    const left = (await owner.get('/api/people')).body as PersonView[];
    expect(left.map(({ id }) => id)).toEqual([self]);
  });

  it('take over the company that was there before people signed in', async () => {
    const admin = new Sequelize(test.databaseUrl, { logging: false });
    await admin.query(
      `INSERT INTO companies (id, slug, name, currency) VALUES (gen_random_uuid(), 'own', 'Your company', 'USD');
       INSERT INTO jobs (id, company_id, name) SELECT gen_random_uuid(), id, 'Entered before' FROM companies WHERE slug = 'own'`,
    );
    await admin.close();
    const first = await test.owner('Named now');
    expect((await first.get('/api/jobs')).body).toMatchObject([{ name: 'Entered before' }]);
    const second = await test.owner('Another');
    expect((await second.get('/api/jobs')).body).toEqual([]);
  });

  it.each([
    [{ name: ' ', email: 'a@b.example', password: PASSWORD, company: 'X' }, 'name'],
    [{ name: 'A', email: 'a at b', password: PASSWORD, company: 'X' }, 'email'],
    [{ name: 'A', email: 'a@b.example', password: 'short', company: 'X' }, 'password'],
    [{ name: 'A', email: 'a@b.example', password: PASSWORD, company: '' }, 'company'],
  ])('are refused as %j at %s', async (body, field) => {
    const answer = await request(test.http).post('/api/session/company').send(body).expect(400);
    expect(answer.body).toMatchObject({ error: { code: 'invalid-input', field } });
  });
});

describe('one e-mail in two companies', () => {
  it('is no secret that one of them gives away, and the company is asked where both take the password', async () => {
    const test = await startTestApp({ offersDemo: false });
    const create = (company: string, password: string): request.Test =>
      request(test.http)
        .post('/api/session/company')
        .send({ company, name: 'Ada', email: 'ada@both.example', password });
    await create('Weir', PASSWORD).expect(201);
    await create('Lock', NEXT).expect(201);
    const enter = (password: string, company?: string): request.Test =>
      request(test.http).post('/api/session').send({ email: 'ada@both.example', password, company });
    expect((await enter(NEXT).expect(200)).body).toMatchObject({ company: { name: 'Lock' } });
    await create('Mill', PASSWORD).expect(201);
    expect((await enter(PASSWORD).expect(409)).body).toMatchObject({
      error: { field: 'company', message: expect.stringContaining('Weir, Mill') as string },
    });
    expect((await enter(PASSWORD, 'mill').expect(200)).body).toMatchObject({ company: { name: 'Mill' } });
    await test.close();
  });
});

describe('a password', () => {
  let test: TestApp;
  beforeAll(async () => {
    test = await startTestApp({ offersDemo: false });
  });
  afterAll(() => test.close());

  it.each(['1234567890', 'Password123!', 'qwertyuiop', 'aaaaaaaaaaaa', 'tove.aldous 77'])(
    'is not %s, which is guessed first',
    async (password) => {
      const body = { company: 'X', name: 'Tove', email: 'tove.aldous@works.example', password };
      const answer = await request(test.http).post('/api/session/company').send(body).expect(400);
      expect(answer.body).toMatchObject({ error: { field: 'password' } });
    },
  );

  it('is guessed ever more slowly, whatever address a guess says it comes from', async () => {
    const owner = await test.owner();
    const { body } = (await owner.get('/api/session')) as { body: { session: SessionView } };
    const { email } = body.session.person;
    const statuses = new Set<number>();
    for (let guess = 0; guess < 40; guess += 1) {
      const { status } = await request(test.http)
        .post('/api/session')
        .set('x-forwarded-for', `10.0.0.${guess}`)
        .send({ email, password: `guess number ${guess}` });
      statuses.add(status);
    }
    expect(statuses).toEqual(new Set([401, 429]));
  });
});

describe('a server where no company is created', () => {
  it('says so, and takes people by invitation alone', async () => {
    const test = await startTestApp({ companiesOpen: false });
    const doors = await request(test.http).get('/api/session').expect(200);
    expect(doors.body).toMatchObject({ doors: { demo: true, company: false } });
    const body = { company: 'X', name: 'Tove', email: 'tove@works.example', password: PASSWORD };
    await request(test.http).post('/api/session/company').send(body).expect(403);
    await test.close();
  });
});

describe('a server without the demo company', () => {
  it('shows no door to it', async () => {
    const test = await startTestApp({ offersDemo: false });
    const doors = await request(test.http).get('/api/session').expect(200);
    expect(doors.body).toEqual({ session: null, doors: { demo: false, company: true } });
    await request(test.http).post('/api/session/demo').send({ role: 'owner' }).expect(404);
    await test.close();
  });
});
