import { setTimeout as pause } from 'node:timers/promises';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { TROUBLE } from '../errors/database-trouble.js';
import { Refusal } from '../errors/refusal.js';
import type { HealthConnection } from './health-connection.js';

/** Whether requests may be sent to this server. One that is asked to end says no first, and goes on answering for a while. */
@Injectable()
export class Readiness implements OnModuleDestroy {
  private isEnding = false;

  /** @param drainS how long it goes on answering, s */
  constructor(
    private readonly connection: HealthConnection,
    private readonly drainS: number,
  ) {}

  /** Refuses with 503 where the database does not answer, or the server is ending. */
  async check(): Promise<void> {
    if (this.isEnding)
      throw new Refusal(503, { code: 'unavailable', message: 'This server is ending. Ask another one.' });
    await this.connection.ask().catch(() => {
      throw new Refusal(503, { code: 'unavailable', message: TROUBLE.gone });
    });
  }

  async onModuleDestroy(): Promise<void> {
    this.isEnding = true;
    await pause(this.drainS * 1000);
  }
}
