import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { RateLimiterPostgres, type RateLimiterRes } from 'rate-limiter-flexible';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../clusters/clusters.service.js';
import { Refusal } from '../errors/refusal.js';

/** How often each thing may be tried: by one address on one account, on one account, or by one address. */
const LIMITS = {
  password: { points: 8, duration: 15 * 60 },
  // Whatever address a guess says it comes from.
  account: { points: 30, duration: 15 * 60 },
  address: { points: 60, duration: 15 * 60 },
  joining: { points: 20, duration: 60 * 60 },
  'device-key': { points: 60, duration: 15 * 60 },
  demo: { points: 600, duration: 60 * 60 },
} as const;
export type Tried = keyof typeof LIMITS;

/** Counts what is tried, in the database, so that every server counts together. */
@Injectable()
export class Attempts {
  private readonly limiters: Readonly<Record<Tried, RateLimiterPostgres>>;

  constructor(
    @InjectConnection() sequelize: Sequelize,
    private readonly clusters: Clusters,
  ) {
    this.limiters = Object.fromEntries(
      Object.entries(LIMITS).map(([keyPrefix, limit]) => [
        keyPrefix,
        new RateLimiterPostgres({
          storeClient: sequelize,
          storeType: 'sequelize',
          tableName: 'attempts',
          tableCreated: true,
          keyPrefix,
          ...limit,
        }),
      ]),
    ) as Record<Tried, RateLimiterPostgres>;
  }

  /** Counts one try. Throws once there were too many, with the minutes to wait. */
  async count(what: Tried, by: string): Promise<void> {
    try {
      await this.clusters.atHome(() => this.limiters[what].consume(by.slice(0, 200)));
    } catch (refused) {
      if (refused instanceof Error) throw refused;
      const minutes = Math.ceil((refused as RateLimiterRes).msBeforeNext / 60_000);
      throw new Refusal(429, {
        code: 'too-many',
        message: `Too many attempts. Wait ${minutes === 1 ? 'a minute' : `${minutes} minutes`}, then try again.`,
      });
    }
  }

  /** Forgets the tries once one was right. */
  async forget(what: Tried, by: string): Promise<void> {
    await this.clusters.atHome(() => this.limiters[what].delete(by.slice(0, 200)));
  }
}
