import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import pg from 'pg';
import { Subject } from 'rxjs';
import { CHANNEL, type Told } from './live-notice.js';

const AGAIN_MS = 1_000;

/** Hears what any server on the database tells, over one connection of its own. */
@Injectable()
export class LiveListener implements OnApplicationBootstrap, OnApplicationShutdown {
  readonly told = new Subject<Told>();
  /** The connection was lost, or is there again: what was told meanwhile was not heard. */
  readonly gaps = new Subject<void>();
  private readonly logger = new Logger(LiveListener.name);
  private client: pg.Client | undefined;
  private isEnding = false;

  /** @param databaseUrl of the database itself: a pooler that lends connections for a transaction cannot pass on what is told */
  constructor(private readonly databaseUrl: string) {}

  onApplicationBootstrap(): void {
    void this.listen();
  }

  async onApplicationShutdown(): Promise<void> {
    this.isEnding = true;
    await this.client?.end().catch(() => undefined);
  }

  private async listen(): Promise<void> {
    if (this.isEnding) return;
    const client = new pg.Client({ connectionString: this.databaseUrl, keepAlive: true });
    let isLost = false;
    const again = (error?: unknown): void => {
      if (isLost) return;
      isLost = true;
      if (this.client === client) this.gaps.next();
      this.client = undefined;
      client.removeAllListeners('notification');
      if (this.isEnding) return;
      if (error !== undefined) this.logger.warn(`Live changes are not heard: ${String(error)}`);
      setTimeout(() => void this.listen(), AGAIN_MS).unref();
    };
    client.on('error', again);
    client.on('end', () => again());
    client.on('notification', ({ payload }) => this.told.next(JSON.parse(payload ?? '{}') as Told));
    try {
      await client.connect();
      await client.query(`LISTEN ${CHANNEL}`);
      if (this.isEnding) return await client.end();
      this.client = client;
      // Pages that came before it heard go on from their last number.
      this.gaps.next();
    } catch (error) {
      again(error);
      await client.end().catch(() => undefined);
    }
  }
}
