import type { LevelsRequest } from '@grevik/contracts';
import { type StationFault, type StationSample, playStation } from '@grevik/core';
import { Injectable, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { EverySoOften } from '../every-so-often.js';
import { type PlayedDevice, StandInReports } from '../stand-in-reports.js';

const TICK_MS = 5000;
const EVERY_S = 10;
/** What a recorder keeps while nobody listens, s. */
const MEMORY_S = 6 * 3600;
/** Where the pump has not stopped as long as is looked back. */
const LONG_REST_S = 3600;

interface Recording extends PlayedDevice {
  wellAreaM2: number;
  pumpFlowM3s: number;
  fault: StationFault;
  faultFrom: string;
  nowS: number;
  /** The last sample that arrived; null where none did. */
  lastS: number | null;
  levelM: number | null;
  pumpOn: boolean | null;
  /** Since the pump last ran; null where it did not in the last hour. */
  restS: number | null;
}

/** Stands where a level recorder in a well would be: level and pump every ten seconds, and what was missed while the server was down. */
@Injectable()
export class LevelRecorderStandIn implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly playing = new EverySoOften('LevelRecorderStandIn', TICK_MS, () => this.play());

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

  /** Sends what is due of every station with a played recorder. */
  async play(): Promise<void> {
    if (!(await this.reports.arePlayedHere('level-recorder'))) return;
    for (const recording of await this.recordings()) {
      const due = dueLevels(recording);
      if (due.length === 0) continue;
      const report: LevelsRequest = {
        sentAt: new Date().toISOString(),
        levels: due.map(({ timeS, levelM, pumpOn }) => ({
          at: new Date(timeS * 1000).toISOString(),
          levelM,
          pumpOn,
        })),
      };
      await this.reports.send(recording, 'levels', report);
    }
  }

  private recordings(): Promise<Recording[]> {
    return this.clusters.onEach(() =>
      this.sequelize.query<Recording>(
        `SELECT d.id AS "deviceId", d.company_id AS "companyId", d.key_hash AS "keyHash", s.well_area_m2 AS "wellAreaM2",
              s.pump_flow_m3s AS "pumpFlowM3s", s.plays ->> 'fault' AS fault, s.plays ->> 'from' AS "faultFrom",
              extract(epoch FROM now())::float8 AS "nowS", extract(epoch FROM l.at)::float8 AS "lastS", l.level_m AS "levelM", l.pump_on AS "pumpOn",
              (SELECT extract(epoch FROM l.at - max(r.at))::float8 FROM level_samples r
               WHERE r.company_id = s.company_id AND r.position_id = s.position_id AND r.pump_on AND r.at > l.at - interval '1 hour') AS "restS"
       FROM stations s JOIN devices d ON d.company_id = s.company_id AND d.id = s.device_id
         LEFT JOIN LATERAL (SELECT at, level_m, pump_on FROM level_samples l
           WHERE l.company_id = s.company_id AND l.position_id = s.position_id ORDER BY at DESC LIMIT 1) l ON true
       WHERE d.is_stand_in AND d.removed_at IS NULL AND s.plays IS NOT NULL AND s.pump_flow_m3s IS NOT NULL`,
        { type: QueryTypes.SELECT },
      ),
    );
  }
}

/** What the recorder read since its last sample arrived. */
function dueLevels(recording: Recording): StationSample[] {
  const { lastS, nowS, levelM, pumpOn, restS, wellAreaM2, pumpFlowM3s, fault, faultFrom } = recording;
  const beginS = Math.max(lastS ?? -Infinity, Math.floor(nowS) - MEMORY_S);
  const { samples } = playStation(
    { fault, fromS: Date.parse(faultFrom) / 1000, wellAreaM2, pumpFlowM3s, everyS: EVERY_S },
    { timeS: beginS, levelM: levelM ?? 1, pumpOn: pumpOn ?? false, restS: restS ?? LONG_REST_S },
    nowS,
  );
  return samples.filter(({ timeS }) => lastS === null || timeS > lastS);
}
