import { createHmac } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import type { DeviceSample, DeviceSamplesRequest, PlayedGauge } from '@grevik/contracts';
import type { HoldGiven, ReadingStep, ReducerGiven } from '@grevik/core';
import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { secretKeyHash } from '../../ground/access/secret-key.js';
import { playedReducer } from './played-reducer.js';
import { playedSample } from './played-sample.js';

const TICK_MS = 1000;
const HOUR_MS = 3600_000;
/** What a logger keeps while nobody listens, s: after a restart it sends so much at once. */
const MEMORY_S = 3600;
const ANSWER_MS = 10_000;

interface Running {
  deviceId: string;
  companyId: string;
  keyHash: string;
  step: ReadingStep;
  given: HoldGiven | ReducerGiven;
  plays: PlayedGauge;
  startedAt: Date;
  /** Since it began. */
  elapsedS: number;
  /** Of the last sample that arrived; null where none did. */
  lastS: number | null;
}

/**
 * Stands where loggers on gauges would be: for every reading that asks for one it sends a sample a second to the address that loggers send to,
 * with a key like theirs, for as long as it runs. What was missed while the server was down is sent once it is up, as a logger with a memory would.
 */
@Injectable()
export class LoggerStandIn implements OnApplicationBootstrap, OnApplicationShutdown {
  private timer: NodeJS.Timeout | undefined;
  private playing: Promise<void> = Promise.resolve();
  private secret: string | undefined;
  private readonly logger = new Logger('LoggerStandIn');

  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly adapter: HttpAdapterHost,
  ) {}

  onApplicationBootstrap(): void {
    this.timer = setInterval(() => {
      // One round after the other, however long one takes.
      this.playing = this.playing.then(() => this.play()).catch((error: unknown) => this.logger.error(error));
    }, TICK_MS);
    this.timer.unref();
  }

  async onApplicationShutdown(): Promise<void> {
    clearInterval(this.timer);
    await this.playing;
  }

  /** Sends what is due of every reading that runs. */
  async play(): Promise<void> {
    const address = this.address();
    if (address === undefined) return;
    // One after the other: many at the same moment would hold up everybody else.
    for (const reading of await this.running()) await this.send(address, reading);
  }

  /** Where this server listens; undefined before it does. */
  private address(): string | undefined {
    const server = this.adapter.httpAdapter.getHttpServer() as { address(): AddressInfo | string | null };
    const address = server.address();
    if (address === null || typeof address === 'string') return undefined;
    const isAnywhere = address.address === '::' || address.address === '0.0.0.0';
    const host = isAnywhere ? '127.0.0.1' : address.address;
    return `http://${host.includes(':') ? `[${host}]` : host}:${address.port}/api/devices/samples`;
  }

  private running(): Promise<Running[]> {
    return this.sequelize.query<Running>(
      `SELECT d.id AS "deviceId", d.company_id AS "companyId", d.key_hash AS "keyHash", r.step, r.given, r.plays, r.started_at AS "startedAt",
              extract(epoch FROM now() - r.started_at)::float8 AS "elapsedS",
              (SELECT max(s.time_s) FROM reading_samples s WHERE s.company_id = r.company_id AND s.reading_id = r.id) AS "lastS"
       FROM readings r JOIN devices d ON d.company_id = r.company_id AND d.id = r.device_id
       WHERE r.ended_at IS NULL AND d.is_stand_in AND d.removed_at IS NULL`,
      { type: QueryTypes.SELECT },
    );
  }

  private async send(address: string, reading: Running): Promise<void> {
    const samples = dueSamples(reading);
    if (samples.length === 0) return;
    const key = await this.keyOf(reading);
    const aheadMs = reading.plays.faults.includes('wrong-clock') ? HOUR_MS : 0;
    const report: DeviceSamplesRequest = {
      sentAt: new Date(Date.now() + aheadMs).toISOString(),
      samples: samples.map((sample) => ({ ...sample, at: later(sample.at, aheadMs) })),
    };
    try {
      const answer = await fetch(address, {
        method: 'POST',
        headers: { 'content-type': 'application/json', authorization: `Bearer ${key}` },
        body: JSON.stringify(report),
        redirect: 'error',
        signal: AbortSignal.timeout(ANSWER_MS),
      });
      await answer.arrayBuffer();
    } catch {
      // A logger that does not reach the server keeps what it read, and sends it next time.
    }
  }

  /** The key of a stand-in: every server works out the same one, and none is stored. */
  private async keyOf({ deviceId, companyId, keyHash }: Running): Promise<string> {
    this.secret ??= await this.readSecret();
    const key = createHmac('sha256', this.secret).update(deviceId).digest('base64url');
    const hash = secretKeyHash(key);
    if (hash !== keyHash)
      await this.sequelize.query(
        `UPDATE devices SET key_hash = :hash WHERE company_id = :companyId AND id = :deviceId AND is_stand_in`,
        { replacements: { hash, companyId, deviceId } },
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

/** What was read since the last sample that arrived. */
function dueSamples({ step, given, plays, startedAt, elapsedS, lastS }: Running): DeviceSample[] {
  const untilS = Math.floor(elapsedS);
  const due: DeviceSample[] = [];
  for (let timeS = Math.max((lastS ?? -1) + 1, untilS - MEMORY_S + 1); timeS <= untilS; timeS += 1) {
    const at = new Date(startedAt.getTime() + timeS * 1000).toISOString();
    if (step === 'reducer') due.push({ at, ...playedReducer(given as ReducerGiven, plays, timeS) });
    else {
      const sample = playedSample(given as HoldGiven, plays, timeS);
      if (sample)
        due.push({
          at,
          pressurePa: sample.pressurePa,
          ...(sample.temperatureC !== undefined && { temperatureC: sample.temperatureC }),
        });
    }
  }
  return due;
}

const later = (at: string, ms: number): string => new Date(Date.parse(at) + ms).toISOString();
