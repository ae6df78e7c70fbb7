import type { PlayedGauge } from '@grevik/contracts';
import type { HoldGiven, HoldSample } from '@grevik/core';
import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { inCompany } from '../../ground/database/company-scope.js';
import { ReadingsService } from '../../work/start-ups/readings.service.js';
import { SamplesService } from '../../work/start-ups/samples.service.js';
import { playedSample } from './played-sample.js';

const TICK_MS = 1000;
/** What a logger keeps while nobody listens, s: after a restart it sends so much at once. */
const MEMORY_S = 3600;

interface Running {
  id: string;
  companyId: string;
  startedBy: string | null;
  given: HoldGiven;
  plays: PlayedGauge;
  /** Since it began. */
  elapsedS: number;
}

/**
 * Stands where loggers on gauges would be: plays every reading that asks for one, a sample a second, for as long as it runs. What was missed
 * while the server was down is sent once it is up, as a logger with a memory would.
 */
@Injectable()
export class LoggerStandIn implements OnApplicationBootstrap, OnApplicationShutdown {
  private timer: NodeJS.Timeout | undefined;
  private playing: Promise<void> = Promise.resolve();
  private readonly logger = new Logger('LoggerStandIn');

  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly readings: ReadingsService,
    private readonly samples: SamplesService,
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
    for (const reading of await this.running())
      await inCompany(
        reading.companyId,
        () => inTransaction(this.sequelize, () => this.send(reading)),
        reading.startedBy ?? undefined,
      );
  }

  private running(): Promise<Running[]> {
    return this.sequelize.query<Running>(
      `SELECT r.id, r.company_id AS "companyId", r.started_by AS "startedBy", r.given, r.plays,
              extract(epoch FROM now() - r.started_at)::float8 AS "elapsedS"
       FROM readings r WHERE r.ended_at IS NULL AND r.source = 'stand-in'`,
      { type: QueryTypes.SELECT },
    );
  }

  private async send({ id, companyId, given, plays, elapsedS }: Running): Promise<void> {
    if (!(await this.isMine(id, companyId))) return;
    const lastS = await this.samples.lastTimeS(id);
    const untilS = Math.min(Math.floor(elapsedS), Math.ceil(given.holdS));
    const fromS = Math.max((lastS ?? -1) + 1, untilS - MEMORY_S);
    const due: HoldSample[] = [];
    for (let timeS = fromS; timeS <= untilS; timeS += 1) {
      const sample = playedSample(given, plays, timeS);
      if (sample) due.push(sample);
    }
    if (due.length > 0)
      await this.samples.add(id, {
        timeS: due.map(({ timeS }) => timeS),
        pressurePa: due.map(({ pressurePa }) => pressurePa),
        ...(due[0]?.temperatureC !== undefined && {
          temperatureC: due.map(({ temperatureC }) => temperatureC as number),
        }),
      });
    if (elapsedS > given.holdS + 1) await this.readings.end(id);
  }

  /** Whether no other server plays it at this moment. */
  private async isMine(id: string, companyId: string): Promise<boolean> {
    const held = await this.sequelize.query(
      `SELECT 1 FROM readings WHERE company_id = :companyId AND id = :id AND ended_at IS NULL FOR UPDATE SKIP LOCKED`,
      { type: QueryTypes.SELECT, replacements: { id, companyId } },
    );
    return held.length > 0;
  }
}
