import type { DeviceSample, DeviceSamplesRequest, PlayedGauge } from '@grevik/contracts';
import type { HoldGiven, ReadingStep, ReducerGiven } from '@grevik/core';
import { Injectable, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { EverySoOften } from '../every-so-often.js';
import { type PlayedDevice, StandInReports } from '../stand-in-reports.js';
import { playedReducer } from './played-reducer.js';
import { playedSample } from './played-sample.js';

const TICK_MS = 1000;
const HOUR_MS = 3600_000;
/** What a logger keeps while nobody listens, s: after a restart it sends so much at once. */
const MEMORY_S = 3600;

interface Running extends PlayedDevice {
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
 * for as long as it runs. What was missed while the server was down is sent once it is up, as a logger with a memory would.
 */
@Injectable()
export class LoggerStandIn implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly playing = new EverySoOften('LoggerStandIn', TICK_MS, () => this.play());

  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly reports: StandInReports,
    private readonly clusters: Clusters,
  ) {}

  onApplicationBootstrap(): void {
    this.playing.begin();
  }

  onApplicationShutdown(): Promise<void> {
    return this.playing.end();
  }

  /** Sends what is due of every reading that runs. */
  async play(): Promise<void> {
    if (!(await this.reports.arePlayedHere('logger'))) return;
    // One after the other: many at the same moment would hold up everybody else.
    for (const reading of await this.running()) await this.send(reading);
  }

  private running(): Promise<Running[]> {
    return this.clusters.onEach(() =>
      this.sequelize.query<Running>(
        `SELECT d.id AS "deviceId", d.company_id AS "companyId", d.key_hash AS "keyHash", r.step, r.given, r.plays, r.started_at AS "startedAt",
              extract(epoch FROM now() - r.started_at)::float8 AS "elapsedS",
              (SELECT max(s.time_s) FROM reading_samples s WHERE s.company_id = r.company_id AND s.reading_id = r.id) AS "lastS"
       FROM readings r JOIN devices d ON d.company_id = r.company_id AND d.id = r.device_id
       WHERE r.ended_at IS NULL AND d.is_stand_in AND d.removed_at IS NULL`,
        { type: QueryTypes.SELECT },
      ),
    );
  }

  private async send(reading: Running): Promise<void> {
    const samples = dueSamples(reading);
    if (samples.length === 0) return;
    const aheadMs = reading.plays.faults.includes('wrong-clock') ? HOUR_MS : 0;
    const report: DeviceSamplesRequest = {
      sentAt: new Date(Date.now() + aheadMs).toISOString(),
      samples: samples.map((sample) => ({ ...sample, at: later(sample.at, aheadMs) })),
    };
    await this.reports.send(reading, 'samples', report);
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
