import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import pg from 'pg';
import { Subject } from 'rxjs';
import { CHANNEL, type Told } from './live-notice.js';

const AGAIN_MS = 1_000;

/** Hears what any server tells, over one connection of its own to each database. */
@Injectable()
export class LiveListener implements OnApplicationBootstrap, OnApplicationShutdown {
  readonly told = new Subject<Told>();
  /** The connection was lost, or is there again: what was told meanwhile was not heard. */
  readonly gaps = new Subject<void>();
  private readonly logger = new Logger(LiveListener.name);
  private readonly clients = new Map<string, pg.Client>();
  private isEnding = false;

  /** @param databaseUrls of the databases themselves: a pooler that lends connections for a transaction cannot pass on what is told */
  constructor(private readonly databaseUrls: readonly string[]) {}

  onApplicationBootstrap(): void {
    for (const url of this.databaseUrls) void this.listen(url);
  }

  async onApplicationShutdown(): Promise<void> {
    this.isEnding = true;
    await Promise.all([...this.clients.values()].map((client) => client.end().catch(() => undefined)));
  }

  private async listen(url: string): Promise<void> {
    if (this.isEnding) return;
    const client = new pg.Client({ connectionString: url, keepAlive: true });
    let isLost = false;
    const again = (error?: unknown): void => {
      if (isLost) return;
      isLost = true;
      if (this.clients.get(url) === client) this.gaps.next();
      this.clients.delete(url);
      client.removeAllListeners('notification');
      if (this.isEnding) return;
      if (error !== undefined) this.logger.warn(`Live changes are not heard: ${String(error)}`);
      setTimeout(() => void this.listen(url), AGAIN_MS).unref();
    };
    client.on('error', again);
    client.on('end', () => again());
    client.on('notification', ({ payload }) => this.told.next(JSON.parse(payload ?? '{}') as Told));
    try {
      await client.connect();
      await client.query(`LISTEN ${CHANNEL}`);
      if (this.isEnding) return await client.end();
      this.clients.set(url, client);
      // Pages that came before it heard go on from their last number.
      this.gaps.next();
    } catch (error) {
      again(error);
      await client.end().catch(() => undefined);
    }
  }
}
