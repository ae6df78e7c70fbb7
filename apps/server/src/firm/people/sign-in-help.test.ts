import type {
  NewPasswordLinkView,
  OpenSessionView,
  PersonView,
  RecoveryCodesView,
  SecondFactorOfferView,
  SessionView,
} from '@grevik/contracts';
import { TOTP } from 'otpauth';
import request from 'supertest';
import { type Agent, PASSWORD, type TestApp, startTestApp } from '../../testing/test-app.js';

const NEXT = 'the tide comes at nine';

describe('signing in', () => {
  let test: TestApp;
  let owner: Agent;
  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.owner();
  });
  afterAll(() => test.close());

  const fresh = (): Agent => request.agent(test.http);
  const personOf = async (agent: Agent): Promise<PersonView> =>
    ((await agent.get('/api/session').expect(200)).body as { session: SessionView }).session.person;
  const signIn = (email: string, of: { password?: string; code?: string } = {}): request.Test =>
    fresh()
      .post('/api/session')
      .set('User-Agent', 'Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101 Firefox/140.0')
      .send({ email, password: PASSWORD, ...of });
  /** A code of a phone, some half minutes away. */
  const codeOf = (secret: string, steps = 0): string =>
    new TOTP({ secret }).generate({ timestamp: Date.now() + steps * 30_000 });

  describe('with a link for a new password', () => {
    it('is possible for who has it, once, and ends what was open', async () => {
      const bea = await test.joins(owner, 'technician');
      const { id, email } = await personOf(bea);
      const make = (): request.Test => owner.post(`/api/people/${id}/password-link`).expect(201);
      const first = (await make()).body as NewPasswordLinkView;
      const { token, name } = (await make()).body as NewPasswordLinkView;
      expect(name).toBe('The technician');
      const use = (with_: string): request.Test =>
        fresh().post('/api/session/new-password').send({ token: with_, password: NEXT });
      await use(first.token).expect(404);
      const { body } = await fresh().post('/api/session/new-password/look').send({ token }).expect(200);
      expect(body).toEqual({ name, company: 'Quay works' });
      await fresh().post('/api/session/new-password').send({ token, password: 'password123' }).expect(400);
      const both = await Promise.all([use(token), use(token)]);
      expect(both.map(({ status }) => status).sort()).toEqual([204, 404]);
      expect((await bea.get('/api/session')).body).toMatchObject({ session: null });
      await signIn(email).expect(401);
      await signIn(email, { password: NEXT }).expect(200);
    });

    it('is made by an owner, of people of the company', async () => {
      const bea = await test.joins(owner, 'foreman');
      const { id } = await personOf(owner);
      await bea.post(`/api/people/${id}/password-link`).expect(403);
      const stranger = await test.owner('Other works');
      await stranger.post(`/api/people/${id}/password-link`).expect(404);
    });
  });

  describe('with a second factor', () => {
    it('asks for a code once one was entered, takes each once, and codes for a lost phone', async () => {
      const bea = await test.joins(owner, 'technician');
      const { email } = await personOf(bea);
      const own = '/api/session/second-factor';
      const { secret, address } = (await bea.post(own).expect(201)).body as SecondFactorOfferView;
      expect(address).toMatch(/^otpauth:\/\/totp\/Grevik:/);
      await signIn(email).expect(200);
      await bea.put(own).send({ code: '000000' }).expect(400);
      const { codes } = (
        await bea
          .put(own)
          .send({ code: codeOf(secret, -1) })
          .expect(200)
      ).body as RecoveryCodesView;
      expect(codes).toHaveLength(8);
      expect((await signIn(email).expect(401)).body).toMatchObject({ error: { field: 'code' } });
      await signIn(email, { code: '123456' }).expect(400);
      const now = codeOf(secret);
      await signIn(email, { code: now }).expect(200);
      await signIn(email, { code: now }).expect(400);
      await signIn(email, { code: codes[0]!.toUpperCase() }).expect(200);
      await signIn(email, { code: codes[0]! }).expect(400);
      expect((await bea.get(own)).body).toEqual({ isOn: true, codesLeft: 7 });
      await bea.post(own).expect(409);
      await bea.delete(own).send({ code: '654321' }).expect(400);
      await bea.delete(own).send({ code: codes[1] }).expect(204);
      await signIn(email).expect(200);
    });

    it('is turned off by the owner for somebody who lost phone and codes, and is nothing for the demo', async () => {
      const bea = await test.joins(owner, 'technician');
      const { id, email } = await personOf(bea);
      await owner.delete(`/api/people/${id}/second-factor`).expect(404);
      const { secret } = (await bea.post('/api/session/second-factor')).body as SecondFactorOfferView;
      await bea
        .put('/api/session/second-factor')
        .send({ code: codeOf(secret) })
        .expect(200);
      await signIn(email).expect(401);
      await owner.delete(`/api/people/${id}/second-factor`).expect(204);
      await signIn(email).expect(200);
      await (await test.demo()).post('/api/session/second-factor').expect(403);
    });

    it('slows guesses of codes like guesses of passwords', async () => {
      const bea = await test.joins(owner, 'technician');
      const { email } = await personOf(bea);
      const { secret } = (await bea.post('/api/session/second-factor')).body as SecondFactorOfferView;
      await bea
        .put('/api/session/second-factor')
        .send({ code: codeOf(secret) })
        .expect(200);
      const tries = [];
      for (let at = 0; at < 9; at += 1) tries.push((await signIn(email, { code: '111111' })).status);
      expect(tries.slice(0, 8)).toEqual(Array(8).fill(400));
      expect(tries[8]).toBe(429);
    });
  });

  it('keeps the language somebody reads for every device, and none for visitors of the demo company', async () => {
    const bea = await test.joins(owner, 'technician');
    const { email } = await personOf(bea);
    const languageOf = async (agent: Agent): Promise<string | null> =>
      ((await agent.get('/api/session').expect(200)).body as { session: SessionView }).session.language;
    expect(await languageOf(bea)).toBeNull();
    await bea.put('/api/session/language').send({ language: 'es' }).expect(204);
    expect(((await signIn(email).expect(200)).body as SessionView).language).toBe('es');
    const { body } = await bea.put('/api/session/language').send({ language: 'xx' }).expect(400);
    expect(body).toMatchObject({ error: { field: 'language' } });
    const visitor = await test.demo();
    await visitor.put('/api/session/language').send({ language: 'es' }).expect(204);
    expect(await languageOf(await test.demo())).toBeNull();
  });

  it('shows where one is signed in, and ends one of them', async () => {
    const bea = await test.joins(owner, 'technician');
    const { email } = await personOf(bea);
    await signIn(email).expect(200);
    const listed = async (): Promise<OpenSessionView[]> =>
      (await bea.get('/api/session/all').expect(200)).body as OpenSessionView[];
    const [newest, first] = await listed();
    expect(newest).toMatchObject({ device: 'Firefox, Linux', isThis: false });
    expect(first).toMatchObject({ isThis: true });
    await owner.delete(`/api/session/all/${newest!.id}`).expect(404);
    await bea.delete(`/api/session/all/${newest!.id}`).expect(204);
    expect(await listed()).toHaveLength(1);
    // Visitors of the demo company are many as the same person.
    const visitor = await test.demo();
    await test.demo();
    expect((await visitor.get('/api/session/all')).body).toHaveLength(1);
  });

  it('gives out what is kept of a person, to them and to the owner, and forgets the address of who leaves', async () => {
    const bea = await test.joins(owner, 'technician');
    const other = await test.joins(owner, 'foreman');
    const { id, email } = await personOf(bea);
    const file = `/api/people/${id}/data.json`;
    const { body } = await bea.get(file).expect(200);
    expect(body).toMatchObject({
      person: { email, role: 'technician' },
      sessions: [{}],
      changes: [{ kind: 'joined' }],
    });
    await owner.get(file).expect(200);
    await other.get(file).expect(403);
    await (await test.owner('Third works')).get(file).expect(404);
    await owner.delete(`/api/people/${id}`).expect(200);
    const { body: kept } = await owner.get(file).expect(200);
    expect(JSON.stringify(kept)).not.toContain(email);
    expect(kept).toMatchObject({ person: { name: 'The technician' }, changes: [{ what: 'The technician' }] });
  });
});
