import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import pg from 'pg';

const PATIENCE_MS = 3_000;

/** A connection of its own: whatever the others wait for, health does not. */
@Injectable()
export class HealthConnection implements OnApplicationShutdown {
  private readonly pool: pg.Pool;

  constructor(databaseUrl: string) {
    this.pool = new pg.Pool({
      connectionString: databaseUrl,
      max: 1,
      connectionTimeoutMillis: PATIENCE_MS,
      statement_timeout: PATIENCE_MS,
    });
    // One that breaks while nobody asks is replaced with the next question.
    this.pool.on('error', () => undefined);
  }

  /** Throws where the database does not answer. */
  async ask(): Promise<void> {
    await this.pool.query('SELECT 1');
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.end();
  }
}
