import { createHmac } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { Injectable } from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { secretKeyHash } from '../ground/access/secret-key.js';
import { inCompany } from '../ground/database/company-scope.js';
import { holdsLease } from '../ground/queue/lease.js';

const ANSWER_MS = 10_000;
/** Where the server that plays is killed, another goes on after so long. */
const LEASE_MS = 10_000;

/** A device that the server plays. */
export interface PlayedDevice {
  deviceId: string;
  companyId: string;
  keyHash: string;
}

/** Sends what stand-ins read to the addresses that devices send to, with keys like theirs. */
@Injectable()
export class StandInReports {
  private secret: string | undefined;

  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly adapter: HttpAdapterHost,
  ) {}

  /** Whether stand-ins of a kind are played by this server: once it listens, and of several by one. */
  async arePlayedHere(kind: string): Promise<boolean> {
    return this.address() !== undefined && holdsLease(this.sequelize, kind, LEASE_MS);
  }

  /** @param what `samples` of a logger or `levels` of a recorder @param report as a device sends it */
  async send(device: PlayedDevice, what: 'samples' | 'levels', report: object): Promise<void> {
    const key = await this.keyOf(device);
    try {
      const answer = await fetch(`${this.address() ?? ''}/api/devices/${what}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', authorization: `Bearer ${key}` },
        body: JSON.stringify(report),
        redirect: 'error',
        signal: AbortSignal.timeout(ANSWER_MS),
      });
      await answer.arrayBuffer();
    } catch {
      // A device that does not reach the server keeps what it read, and sends it next time.
    }
  }

  /** Where this server listens; undefined before it does. */
  private address(): string | undefined {
    const server = this.adapter.httpAdapter.getHttpServer() as { address(): AddressInfo | string | null };
    const address = server.address();
    if (address === null || typeof address === 'string') return undefined;
    const isAnywhere = address.address === '::' || address.address === '0.0.0.0';
    const host = isAnywhere ? '127.0.0.1' : address.address;
    return `http://${host.includes(':') ? `[${host}]` : host}:${address.port}`;
  }

  /** The key of a stand-in: every server works out the same one, and none is stored. */
  private async keyOf({ deviceId, companyId, keyHash }: PlayedDevice): Promise<string> {
    this.secret ??= await this.readSecret();
    const key = createHmac('sha256', this.secret).update(deviceId).digest('base64url');
    const hash = secretKeyHash(key);
    if (hash !== keyHash)
      await inCompany(companyId, () =>
        this.sequelize.query(
          `UPDATE devices SET key_hash = :hash WHERE company_id = :companyId AND id = :deviceId AND is_stand_in`,
          { replacements: { hash, companyId, deviceId } },
        ),
      );
    return key;
  }

  private async readSecret(): Promise<string> {
    await this.sequelize.query(
      `INSERT INTO installation VALUES ('stand-in-secret', gen_random_uuid()::text || gen_random_uuid()::text) ON CONFLICT DO NOTHING`,
    );
    const [row] = await this.sequelize.query<{ value: string }>(
      `SELECT value FROM installation WHERE key = 'stand-in-secret'`,
      { type: QueryTypes.SELECT },
    );
    if (!row) throw new Error('the database has no secret for stand-ins');
    return row.value;
  }
}
