import { randomBytes } from 'node:crypto';
import type { Role, SessionView } from '@grevik/contracts';
import type { INestApplication } from '@nestjs/common';
import { Sequelize } from 'sequelize';
import type { Server } from 'node:http';
import request from 'supertest';
import { createApp } from '../create-app.js';
import { copyDatabase } from './database-copy.js';
import type { Settings } from '../ground/settings/settings.js';

interface TestDatabase {
  url: string;
  drop(): Promise<void>;
  /** Sets what its connections begin with from now on. */
  set(settings: Readonly<Record<string, string>>): Promise<void>;
}

const serverUrl = (): string => process.env.GREVIK_TEST_SERVER_URL ?? '';

function newDatabase(): TestDatabase & { name: string } {
  const name = `grevik_${randomBytes(6).toString('hex')}`;
  return {
    name,
    url: serverUrl().replace(/\/[^/]*$/, `/${name}`),
    set: async (settings) => {
      const admin = new Sequelize(serverUrl(), { logging: false });
      for (const [setting, value] of Object.entries(settings))
        await admin.query(`ALTER DATABASE ${name} SET ${setting} = ${value}`);
      await admin.close();
    },
    drop: async () => {
      const admin = new Sequelize(serverUrl(), { logging: false });
      await admin.query(`DROP DATABASE ${name} WITH (FORCE)`);
      await admin.close();
    },
  };
}

/** A new empty database on the tests' PostgreSQL, and its removal. */
export async function makeDatabase(): Promise<TestDatabase> {
  const made = newDatabase();
  const admin = new Sequelize(serverUrl(), { logging: false });
  await admin.query(`CREATE DATABASE ${made.name}`);
  await admin.close();
  return made;
}

/** A new database as it stands after a first start: with its tables, and the demo where there is one. */
async function startedDatabase(offersDemo: boolean): Promise<TestDatabase> {
  const made = newDatabase();
  await copyDatabase(serverUrl(), made.name, offersDemo ? 'grevik_demo' : 'grevik_tables', async (url) => {
    const app = await createApp(testSettings(url, { offersDemo }));
    await app.close();
  });
  return made;
}

/** A server on a database, without web application and log. */
export function testSettings(databaseUrl: string, { offersDemo = true } = {}): Settings {
  return {
    databaseUrl,
    directDatabaseUrl: databaseUrl,
    clusters: new Map(),
    directClusters: new Map(),
    readUrls: [],
    port: 0,
    host: '127.0.0.1',
    offersDemo,
    trustedProxies: '',
    companiesOpen: true,
    playsStandIns: false,
    metricsKey: '',
    drainS: 0,
    webRoot: '/nowhere',
    logLevel: 'silent',
  };
}

/** The whole application on a database of its own. */
export interface TestApp {
  app: INestApplication;
  http: Server;
  databaseUrl: string;
  close(): Promise<void>;
  /** Somebody who looks around in the demo company. */
  demo(role?: Role): Promise<Agent>;
  /** The owner of a new company. */
  owner(company?: string): Promise<Agent>;
  /** Somebody who joins an owner's company in a role. */
  joins(owner: Agent, role: Role): Promise<Agent>;
}

/** A browser of somebody who is signed in: it keeps the cookie. */
export type Agent = ReturnType<typeof request.agent>;

export const PASSWORD = 'lantern over the quay';

const someone = (): string => `${randomBytes(4).toString('hex')}@works.example`;

export async function startTestApp({
  offersDemo = true,
  settingsOfDatabase = {},
  ...others
}: Partial<Settings> & { settingsOfDatabase?: Readonly<Record<string, string>> } = {}): Promise<TestApp> {
  const database = await startedDatabase(offersDemo);
  await database.set(settingsOfDatabase);
  const app = await createApp({ ...testSettings(database.url, { offersDemo }), ...others });
  // Stand-ins send to the address where the server listens.
  await app.listen(0, '127.0.0.1');
  const http = app.getHttpServer() as Server;
  const enter = async (door: string, body: object): Promise<Agent> => {
    const agent = request.agent(http);
    const { body: session } = (await agent.post(`/api/session/${door}`).send(body)) as { body: SessionView };
    if (!session.may) throw new Error(`the door ${door} stays shut: ${JSON.stringify(session)}`);
    return agent;
  };
  return {
    app,
    http,
    databaseUrl: database.url,
    close: async () => {
      await app.close();
      await database.drop();
    },
    demo: (role = 'owner') => enter('demo', { role }),
    owner: (company = 'Quay works') =>
      enter('company', {
        company,
        name: 'Tove Aldous',
        email: someone(),
        password: PASSWORD,
      }),
    joins: async (owner, role) => {
      const { body } = (await owner.post('/api/people/invitations').send({ role }).expect(201)) as {
        body: { token: string };
      };
      const agent = request.agent(http);
      await agent
        .post('/api/people/invitations/accept')
        .send({ token: body.token, name: `The ${role}`, email: someone(), password: PASSWORD })
        .expect(201);
      return agent;
    },
  };
}
