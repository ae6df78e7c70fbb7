import { randomBytes } from 'node:crypto';
import type { INestApplication } from '@nestjs/common';
import { Sequelize } from 'sequelize';
import type { Server } from 'node:http';
import { createApp } from '../create-app.js';

/** A new empty database on the tests' PostgreSQL, and its removal. */
export async function makeDatabase(): Promise<{ url: string; drop(): Promise<void> }> {
  const server = process.env.GREVIK_TEST_SERVER_URL ?? '';
  const name = `grevik_${randomBytes(6).toString('hex')}`;
  const admin = new Sequelize(server, { logging: false });
  await admin.query(`CREATE DATABASE ${name}`);
  return {
    url: server.replace(/\/[^/]*$/, `/${name}`),
    drop: async () => {
      await admin.query(`DROP DATABASE ${name} WITH (FORCE)`);
      await admin.close();
    },
  };
}

/** The whole application on a database of its own. */
export interface TestApp {
  app: INestApplication;
  http: Server;
  databaseUrl: string;
  close(): Promise<void>;
}

export async function startTestApp(company: 'demo' | 'own' = 'demo'): Promise<TestApp> {
  const database = await makeDatabase();
  const app = await createApp({
    databaseUrl: database.url,
    port: 0,
    host: '127.0.0.1',
    company,
    webRoot: '/nowhere',
  });
  return {
    app,
    http: app.getHttpServer() as Server,
    databaseUrl: database.url,
    close: async () => {
      await app.close();
      await database.drop();
    },
  };
}
