import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import type { RequestHandler } from 'express';
import connectPgSimple, { type PGStore } from 'connect-pg-simple';
import session from 'express-session';
import pg from 'pg';
import { DATABASE_LIMITS, POOL } from '../database/limits.js';

/** What a session keeps: who signed in. Everything else is read anew with each request. */
declare module 'express-session' {
  interface SessionData {
    personId: string;
    companyId: string;
    /** When one signed in, and with what. */
    openedAt: string;
    userAgent: string;
  }
}

const MONTH_MS = 30 * 24 * 3600 * 1000;

/** Sessions in PostgreSQL behind an http-only, same-site cookie: any server on the database knows them. */
@Injectable()
export class SessionStore implements OnApplicationShutdown {
  readonly middleware: RequestHandler;
  private readonly store: PGStore;

  private constructor(
    private readonly pool: pg.Pool,
    secret: string,
  ) {
    this.store = new (connectPgSimple(session))({ pool, tableName: 'sessions', disableTouch: true });
    this.middleware = session({
      name: 'grevik.session',
      secret,
      store: this.store,
      resave: false,
      saveUninitialized: false,
      cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: MONTH_MS },
    });
  }

  /** @param databaseUrl where the tables `sessions` and `installation` are, made by the migrations */
  static async open(databaseUrl: string): Promise<SessionStore> {
    const pool = new pg.Pool({
      connectionString: databaseUrl,
      max: 4,
      connectionTimeoutMillis: POOL.acquire,
      ...DATABASE_LIMITS,
    });
    // A connection that breaks while nobody uses it is replaced with the next request.
    pool.on('error', () => undefined);
    // A backup takes no secret along: a database that was restored from one gets a new one.
    await pool.query(
      `INSERT INTO installation VALUES ('session-secret', gen_random_uuid()::text || gen_random_uuid()::text) ON CONFLICT DO NOTHING`,
    );
    const { rows } = await pool.query<{ value: string }>(
      `SELECT value FROM installation WHERE key = 'session-secret'`,
    );
    const secret = rows[0]?.value;
    if (secret === undefined) throw new Error('the database has no session secret');
    return new SessionStore(pool, secret);
  }

  async onApplicationShutdown(): Promise<void> {
    this.store.close();
    await this.pool.end();
  }
}
