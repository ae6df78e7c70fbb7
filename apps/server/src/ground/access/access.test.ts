import type { JobView, LineView, PositionView, Role } from '@grevik/contracts';
import { ROLES } from '@grevik/contracts';
import { Controller, Get } from '@nestjs/common';
import { MetadataScanner, ModulesContainer, Reflector } from '@nestjs/core';
import request from 'supertest';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';
import { AccessGuard } from './access.guard.js';

const ALL = [...ROLES];
const DECIDE: Role[] = ['owner', 'estimator', 'foreman'];
const NOBODY = '00000000-0000-4000-8000-000000000000';

/** What each endpoint lets through, written down a second time: by role, for whoever asks, or for a device with its key. */
const ENDPOINTS: Readonly<Record<string, readonly Role[] | 'anyone' | 'signed-in' | 'device'>> = {
  'GET /api/health': 'anyone',
  'GET /api/health/alive': 'anyone',
  'GET /api/health/ready': 'anyone',
  'GET /api/calc': 'anyone',
  'POST /api/calc/:name': 'anyone',
  'GET /api/session': 'anyone',
  'POST /api/session': 'anyone',
  'POST /api/session/demo': 'anyone',
  'POST /api/session/company': 'anyone',
  'POST /api/people/invitations/look': 'anyone',
  'POST /api/people/invitations/accept': 'anyone',
  'DELETE /api/session': 'signed-in',
  'DELETE /api/session/everywhere': 'signed-in',
  'PUT /api/session/password': 'signed-in',
  'PUT /api/session/language': 'signed-in',
  'GET /api/session/all': 'signed-in',
  'DELETE /api/session/all/:session': 'signed-in',
  'POST /api/session/new-password/look': 'anyone',
  'POST /api/session/new-password': 'anyone',
  'GET /api/session/second-factor': 'signed-in',
  'POST /api/session/second-factor': 'signed-in',
  'PUT /api/session/second-factor': 'signed-in',
  'DELETE /api/session/second-factor': 'signed-in',
  'POST /api/people/:id/password-link': ['owner'],
  'DELETE /api/people/:id/second-factor': ['owner'],
  'GET /api/people/:id/data.json': 'signed-in',
  'GET /api/live': 'signed-in',
  'PUT /api/live/place': 'signed-in',
  'GET /api/access': ALL,
  'GET /api/tasks': ['owner'],
  'POST /api/tasks/:id/again': ['owner'],
  'DELETE /api/tasks/:id': ['owner'],
  'GET /api/tasks/mine': 'signed-in',
  'GET /api/tasks/mine/:id': 'signed-in',
  'GET /api/tasks/mine/:id/file': 'signed-in',
  'DELETE /api/tasks/mine/:id': 'signed-in',
  'GET /api/company': ALL,
  'PUT /api/company/house-rules': DECIDE,
  'PUT /api/company/hold-rules': DECIDE,
  'GET /api/devices': ALL,
  'POST /api/devices': ['owner', 'foreman'],
  'POST /api/devices/:id/key': ['owner', 'foreman'],
  'DELETE /api/devices/:id': ['owner', 'foreman'],
  'POST /api/devices/samples': 'device',
  'POST /api/devices/levels': 'device',
  'GET /api/due': ALL,
  'GET /api/jobs/:id/overdue': ALL,
  'GET /api/intervals': ALL,
  'PUT /api/intervals': DECIDE,
  'DELETE /api/intervals/:id': DECIDE,
  'GET /api/rounds': ALL,
  'POST /api/rounds': [...DECIDE, 'technician'],
  'GET /api/rounds/:id': ALL,
  'PUT /api/rounds/:id': [...DECIDE, 'technician'],
  'GET /api/rounds/:id/round.ics': ALL,
  'POST /api/drills/results': ALL,
  'GET /api/drills/record': ALL,
  'GET /api/drills/record.csv': ALL,
  'GET /api/drills/people': ['foreman'],
  'GET /api/drills/people/:id': ['foreman'],
  'GET /api/drills/people.csv': ['foreman'],
  'GET /api/drills/sent': ALL,
  'POST /api/drills/sent': ['foreman'],
  'GET /api/calendar': ALL,
  'POST /api/calendar': ALL,
  'DELETE /api/calendar': ALL,
  'GET /api/calendar/:key.ics': 'anyone',
  'GET /api/turn-counter/plays': ALL,
  'PUT /api/company/currency': DECIDE,
  'GET /api/people': ALL,
  'PUT /api/people/:id/role': ['owner'],
  'DELETE /api/people/:id': ['owner'],
  'GET /api/people/invitations': ['owner'],
  'POST /api/people/invitations': ['owner'],
  'DELETE /api/people/invitations/:id': ['owner'],
  'GET /api/catalogue': ALL,
  'GET /api/catalogue/catalogue.csv': ALL,
  'GET /api/catalogue/catalogue.json': ALL,
  'POST /api/catalogue/list/preview': DECIDE,
  'POST /api/catalogue/list': DECIDE,
  'POST /api/catalogue/list/imports': DECIDE,
  'POST /api/catalogue': DECIDE,
  'PUT /api/catalogue/:id': DECIDE,
  'PUT /api/catalogue/:id/retired': DECIDE,
  'PUT /api/jobs/:id/house-rules': DECIDE,
  'PUT /api/jobs/:id/picks': DECIDE,
  'GET /api/jobs': ALL,
  'GET /api/jobs/:id': ALL,
  'GET /api/jobs/listings': ALL,
  'GET /api/jobs/names': ALL,
  'GET /api/search': ALL,
  'GET /api/jobs/:id/board': ALL,
  'GET /api/jobs/:id/outlook': ALL,
  'PUT /api/jobs/:id/archived': DECIDE,
  'GET /api/jobs/:id/positions': ALL,
  'POST /api/jobs': DECIDE,
  'POST /api/jobs/:id/walk-list/preview': DECIDE,
  'POST /api/jobs/:id/walk-list': DECIDE,
  'POST /api/jobs/:id/walk-list/imports': DECIDE,
  'PUT /api/lines/:id/walk': [...DECIDE, 'technician'],
  'PUT /api/lines/:id/facts': [...DECIDE, 'technician'],
  'POST /api/jobs/:id/lines': [...DECIDE, 'technician'],
  'GET /api/jobs/:id/walk': ALL,
  'GET /api/archive/schema.json': 'anyone',
  'GET /api/archive/jobs/:id': ALL,
  'POST /api/archive/jobs': DECIDE,
  'POST /api/archive/imports': DECIDE,
  'POST /api/archive/jobs/:id/file': ALL,
  'POST /api/budget/file': ALL,
  'GET /api/archive/jobs/:id/positions.geojson': ALL,
  'PUT /api/archive/jobs/:id/positions.geojson': [...DECIDE, 'technician'],
  'GET /api/jobs/:id/orders': ALL,
  'POST /api/jobs/:id/orders/lines': DECIDE,
  'DELETE /api/jobs/:id/orders/lines': DECIDE,
  'PUT /api/jobs/:id/orders/places': DECIDE,
  'POST /api/jobs/:id/orders/quotations': DECIDE,
  'GET /api/jobs/:id/orders/sheet.xlsx': ALL,
  'GET /api/jobs/:id/orders/sheet.csv': ALL,
  'GET /api/jobs/:id/orders/sheet.pdf': ALL,
  'POST /api/jobs/:id/orders/sheet/preview': DECIDE,
  'PUT /api/jobs/:id/orders/sheet': DECIDE,
  'PUT /api/orders/:id/state': DECIDE,
  'PUT /api/order-lines/:id': DECIDE,
  'POST /api/order-lines/:id/receipts': [...DECIDE, 'technician'],
  'GET /api/price-desk': 'anyone',
  'POST /api/price-desk/:supplier/quotations': 'anyone',
  'GET /api/lines/:id': ALL,
  'GET /api/lines/:id/start-up': ALL,
  'GET /api/lines/:id/start-up/record.pdf': ALL,
  'GET /api/lines/:id/start-up/tags.pdf': ALL,
  'GET /api/lines/:id/start-up/valve-chart.pdf': ALL,
  'POST /api/lines/:id/start-up/entries': ALL,
  'POST /api/lines/:id/start-up/readings': ALL,
  'POST /api/lines/:id/start-up/hand-over': [...DECIDE, 'technician'],
  'GET /api/readings/:id/samples': ALL,
  'POST /api/readings/:id/samples': ALL,
  'POST /api/readings/:id/end': ALL,
  'GET /api/lines/:id/schedule.csv': ALL,
  'PUT /api/positions/:id/duty': [...DECIDE, 'technician'],
  'PUT /api/positions/:id/name': [...DECIDE, 'technician'],
  'PUT /api/positions/:id/hook-up': DECIDE,
  'PUT /api/positions/:id/photos/:photoId': ALL,
  'GET /api/budget': ALL,
  'GET /api/budget.xlsx': ALL,
  'GET /api/budget.pdf': ALL,
  'PUT /api/budget': DECIDE,
  'PUT /api/positions/:id/wets': [...DECIDE, 'technician'],
  'GET /api/positions/:id/station': ALL,
  'GET /api/positions/:id/life': ALL,
  'GET /api/positions/:id/owner-pages': ALL,
  'POST /api/positions/:id/owner-pages': DECIDE,
  'DELETE /api/owner-pages/:id': DECIDE,
  'GET /api/owner/:key': 'anyone',
  'GET /api/owner/:key/photos/:photoId': 'anyone',
  'GET /api/owner/:key/page.pdf': 'anyone',
  'POST /api/owner/:key/answers': 'anyone',
  'GET /api/positions/:id/station/levels': ALL,
  'PUT /api/positions/:id/station': ['owner', 'foreman'],
  'GET /api/positions/:id/photos/:photoId': ALL,
  'GET /api/positions/:id/photos': ALL,
  'PUT /api/positions/:id/pick': DECIDE,
  'DELETE /api/positions/:id/pick': DECIDE,
  'GET /api/positions/:id/history': ALL,
  'POST /api/positions/:id/entries': ALL,
  'POST /api/entries': ALL,
  'GET /api/changes/mine': ALL,
  'POST /api/changes/:id/undo': ALL,
};

const METHODS = ['GET', 'POST', 'PUT', 'DELETE'] as const;

/** Every endpoint the server really has, read from its controllers. */
function endpointsOf({ app }: TestApp): string[] {
  const controllers = [...app.get(ModulesContainer).values()].flatMap((module) => [
    ...module.controllers.values(),
  ]);
  const scanner = new MetadataScanner();
  return controllers.flatMap(({ metatype, instance }) => {
    const base = Reflect.getMetadata('path', metatype as object) as string;
    const prototype = Object.getPrototypeOf(instance) as Record<string, object>;
    return scanner.getAllMethodNames(prototype).flatMap((name) => {
      const handler = prototype[name]!;
      const path = Reflect.getMetadata('path', handler) as string | undefined;
      if (path === undefined) return [];
      const method = METHODS[Reflect.getMetadata('method', handler) as number];
      return `${method} /${base}${path === '/' ? '' : `/${path}`}`;
    });
  });
}

describe('who may do what', () => {
  let test: TestApp;
  const agents = new Map<Role, Agent>();
  let stranger: Agent;
  let ids: { job: string; line: string; position: string };

  beforeAll(async () => {
    test = await startTestApp();
    const owner = await test.owner();
    agents.set('owner', owner);
    for (const role of ROLES.slice(1)) agents.set(role, await test.joins(owner, role));
    const demo = await test.demo();
    const [shown] = (await demo.get('/api/jobs')).body as [JobView];
    const archive = (await demo.get(`/api/archive/jobs/${shown.id}`)).body as object;
    await owner.post('/api/archive/jobs').send(archive).expect(201);
    stranger = await test.owner();
    const [job] = (await agents.get('owner')!.get('/api/jobs')).body as [JobView];
    const line = (await agents.get('owner')!.get(`/api/lines/${job.lines[0]!.id}`)).body as LineView;
    ids = { job: job.id, line: line.id, position: line.positions[0]!.id };
  });
  afterAll(() => test.close());

  /** Sends nothing useful: what is let through is refused for its body or its id, never changed. */
  const send = (agent: Agent, endpoint: string, id: string): request.Test => {
    const [method, path] = endpoint.split(' ') as [(typeof METHODS)[number], string];
    const to = path
      .replace(':id', id)
      .replace(':name', 'select')
      .replace(':photoId', NOBODY)
      .replace(':supplier', 'Quillside Supply');
    const test_ = agent[method.toLowerCase() as 'get'](to) as unknown as request.Test;
    return method === 'GET' ? test_ : test_.send({ nonsense: true });
  };

  it('is written down for every endpoint there is', () => {
    expect(endpointsOf(test).sort()).toEqual(Object.keys(ENDPOINTS).sort());
  });

  const byRole = Object.entries(ENDPOINTS).filter(
    (entry): entry is [string, readonly Role[]] => typeof entry[1] !== 'string',
  );

  it.each(Object.entries(ENDPOINTS).filter(([, who]) => who === 'anyone'))(
    '%s answers whoever asks',
    async (endpoint) => {
      const { status } = await send(request(test.http), endpoint, NOBODY);
      expect([200, 400, 404]).toContain(status);
    },
  );

  it.each(Object.entries(ENDPOINTS).filter(([, who]) => who !== 'anyone'))(
    '%s asks who is there',
    async (endpoint) => {
      const answer = await send(request(test.http), endpoint, NOBODY).expect(401);
      expect(answer.body).toMatchObject({ error: { code: 'signed-out' } });
    },
  );

  it.each(byRole.flatMap(([endpoint, roles]) => ROLES.map((role) => [endpoint, role, roles] as const)))(
    '%s as %s',
    async (endpoint, role, roles) => {
      // An id nobody has: what is let through finds nothing to change.
      const { status, body } = (await send(agents.get(role)!, endpoint, NOBODY)) as {
        status: number;
        body: { error?: { message: string } };
      };
      if (roles.includes(role)) expect([200, 201, 204, 400, 404]).toContain(status);
      else {
        expect(status).toBe(403);
        expect(body.error?.message).toMatch(
          new RegExp(`^Your role, ${role}, cannot .*Ask an? ${roles.join(' or ')}`),
        );
      }
    },
  );

  it.each(byRole.filter(([endpoint]) => /\/(jobs|lines|positions)\/:id/.test(endpoint)))(
    '%s finds nothing of another company',
    async (endpoint) => {
      const kind = /\/(job|line|position)s\/:id/.exec(endpoint)![1] as keyof typeof ids;
      const body = BODIES[endpoint];
      const [method, path] = endpoint.split(' ') as [string, string];
      const sent = stranger[method.toLowerCase() as 'get'](
        path.replace(':id', ids[kind]).replace(':photoId', NOBODY),
      );
      await (body ? sent.send(body) : sent).expect(404);
    },
  );

  it('keeps another company’s people, invitations and changes out of reach', async () => {
    const [person] = (await agents.get('owner')!.get('/api/people')).body as { id: string }[];
    await stranger.put(`/api/people/${person!.id}/role`).send({ version: 0, role: 'apprentice' }).expect(404);
    await stranger.delete(`/api/people/${person!.id}`).expect(404);
    const invited = await agents.get('owner')!.post('/api/people/invitations').send({ role: 'foreman' });
    const { id } = invited.body as { id: string };
    await stranger.delete(`/api/people/invitations/${id}`).expect(404);
    expect((await stranger.get('/api/people/invitations')).body).toEqual([]);
    const changed = (await agents
      .get('owner')!
      .put(`/api/positions/${ids.position}/duty`)
      .send({ version: 0, duty: { function: 'isolate', dn: 40, pressurePa: 5e5, temperatureC: 10 } })
      .expect(200)) as { body: PositionView };
    await stranger.post(`/api/changes/${changed.body.changed!.id}/undo`).expect(404);
    expect((await stranger.get('/api/changes/mine')).body).toEqual([]);
    expect((await stranger.get('/api/jobs')).body).toEqual([]);
    expect((await stranger.get('/api/catalogue')).body).toEqual([]);
    await agents.get('owner')!.post(`/api/changes/${changed.body.changed!.id}/undo`).expect(204);
  });

  it('keeps the people of the demo company, and its visitors from one another', async () => {
    const visitor = await test.demo();
    const [person] = (await visitor.get('/api/people').expect(200)).body as { id: string }[];
    for (const sent of [
      visitor.delete(`/api/people/${person!.id}`),
      visitor.put(`/api/people/${person!.id}/role`).send({ version: 0, role: 'apprentice' }),
      visitor.post('/api/people/invitations').send({ role: 'owner' }),
    ]) {
      const { body } = await sent.expect(403);
      expect(body).toMatchObject({ error: { message: expect.stringContaining('demo company') as string } });
    }
    const other = await test.demo();
    await other.delete('/api/session/everywhere').expect(204);
    expect((await visitor.get('/api/session')).body).toMatchObject({
      session: { company: { isDemo: true } },
    });
    expect((await other.get('/api/session')).body).toMatchObject({ session: null });
  });

  it('is shown whole to whoever is signed in', async () => {
    const { body } = await agents.get('apprentice')!.get('/api/access').expect(200);
    expect(body).toMatchObject({
      permissions: expect.arrayContaining([{ id: 'pick', words: 'pick valves', roles: DECIDE }]) as unknown,
    });
  });

  it('closes an endpoint that names no permission', () => {
    @Controller('forgotten')
    class Forgotten {
      @Get()
      show(): string {
        return 'open';
      }
    }
    const context = {
      getHandler: () => Object.getOwnPropertyDescriptor(Forgotten.prototype, 'show')?.value as object,
      switchToHttp: () => ({ getRequest: () => ({}) }),
    };
    expect(() => new AccessGuard(new Reflector()).canActivate(context as never)).toThrow('Sign in');
  });
});

/** The smallest PNG there is. */
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);
const DUTY = { function: 'isolate', dn: 20, pressurePa: 5e5, temperatureC: 10 };

const WALK_LIST = 'tag,line,medium,function,size,pressure,temperature\nA,L,cold water,isolate,1,5 bar,10 C';

/** A good body for each endpoint that would change something, were it one’s own. */
const BODIES: Readonly<Record<string, object>> = {
  'POST /api/jobs/:id/walk-list/preview': {
    text: WALK_LIST,
  },
  'POST /api/jobs/:id/walk-list': {
    text: WALK_LIST,
    rows: [2],
  },
  'POST /api/jobs/:id/walk-list/imports': {
    text: WALK_LIST,
    rows: [2],
  },
  'PUT /api/jobs/:id/house-rules': { version: 0, houseRules: {} },
  'PUT /api/jobs/:id/archived': { archived: true },
  'PUT /api/jobs/:id/picks': { modelId: NOBODY, reason: 'x', positions: [{ id: NOBODY, version: 0 }] },
  'PUT /api/positions/:id/duty': { version: 0, duty: DUTY },
  'PUT /api/positions/:id/hook-up': { version: 0, hookUp: {} },
  'POST /api/jobs/:id/orders/lines': { lines: [{ id: NOBODY, text: 'valve', quantity: 1 }] },
  'DELETE /api/jobs/:id/orders/lines': { ids: [NOBODY] },
  'PUT /api/jobs/:id/orders/places': { supplier: 'S', lines: [{ id: NOBODY, version: 0 }] },
  'POST /api/jobs/:id/orders/quotations': { id: NOBODY, ids: [NOBODY], suppliers: ['S'] },
  'PUT /api/jobs/:id/orders/sheet': { changes: [{ id: NOBODY, version: 0, quantity: 2 }] },
  'POST /api/jobs/:id/lines': { name: 'Theirs', medium: 'potable-cold' },
  'PUT /api/lines/:id/facts': { version: 0, facts: {} },
  'PUT /api/lines/:id/walk': { version: 0, at: 1, remove: 0, insert: [] },
  'PUT /api/archive/jobs/:id/positions.geojson': { type: 'FeatureCollection', features: [] },
  'PUT /api/positions/:id/photos/:photoId': PNG,
  'PUT /api/positions/:id/wets': { wets: 'outdoors' },
  'PUT /api/positions/:id/station': { version: 0, wellAreaM2: 2.5 },
  'POST /api/positions/:id/owner-pages': {
    id: NOBODY,
    items: [
      {
        positionId: NOBODY,
        found: 'theirs',
        canHappen: 'theirs',
        ifNothing: 'theirs',
        options: [{ modelId: NOBODY, parts: 0, hours: 1, hourlyRate: 1 }],
      },
    ],
    days: 7,
  },
  'PUT /api/positions/:id/name': { version: 0, tag: 'CW-999', remarks: '' },
  'PUT /api/positions/:id/pick': { version: 0, modelId: NOBODY, reason: 'x' },
  'DELETE /api/positions/:id/pick': { version: 0 },
  'POST /api/lines/:id/start-up/entries': {
    id: '10000000-0000-4000-8000-000000000001',
    step: 'label',
    kind: 'skip',
    reason: 'theirs',
    happenedAt: '2026-01-02T03:04:05Z',
  },
  'POST /api/lines/:id/start-up/readings': {
    id: '10000000-0000-4000-8000-000000000002',
    given: { kind: 'air', testPressurePa: 345_000, holdS: 600 },
    source: 'typed',
  },
  'POST /api/lines/:id/start-up/hand-over': { handedBy: 'They', takenBy: 'Others' },
  'POST /api/positions/:id/entries': {
    id: '10000000-0000-4000-8000-000000000000',
    kind: 'note',
    text: 'theirs',
    happenedAt: '2026-01-02T03:04:05Z',
  },
};
