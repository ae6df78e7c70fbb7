import { randomUUID } from 'node:crypto';
import { checkDiagnosis, playStation, wellAreaM2, wellAt } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { newSecretKey, secretKeyHash } from '../ground/access/secret-key.js';
import { Device } from '../work/devices/device.model.js';
import { Position } from '../work/positions/position.model.js';
import { LevelsService } from '../work/stations/levels.service.js';
import { VERDICT_SAID } from '../work/stations/station-verdicts.service.js';
import { conditionFrom } from '../work/entries/condition-from.js';
import { Entry } from '../work/entries/entry.model.js';
import { SIGNERS } from '../firm/people/signature.js';
import { Station } from '../work/stations/station.model.js';

const RECORDER = 'Level recorder 1 (stand-in)';
const TAG = 'LS-103';
const DAY_S = 86_400;
const EVERY_S = 30;
const RECORDED_DAYS = 14;
/** Its ball has been stuck for so long. */
const STUCK_DAYS = 7;
const WELL_DIAMETER_M = 1.8;
const PUMP_FLOW_M3S = 0.01;
const PLATE_POWER_W = 2200;

/** The demo’s pump station: two weeks of levels, and a ball that has stuck open since a week ago. */
@Injectable()
export class DemoStation {
  constructor(
    @InjectModel(Station) private readonly stations: typeof Station,
    @InjectModel(Device) private readonly devices: typeof Device,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    private readonly levels: LevelsService,
  ) {}

  async make(jobId: string, personId: string): Promise<void> {
    const position = await this.positions.findOne({ where: { jobId, tag: TAG }, rejectOnEmpty: true });
    const device = await this.devices.create({
      name: RECORDER,
      kind: 'recorder',
      isStandIn: true,
      keyHash: secretKeyHash(newSecretKey()),
      addedBy: personId,
    });
    const nowS = Math.floor(Date.now() / 1000);
    const faultS = nowS - STUCK_DAYS * DAY_S;
    const known = { wellAreaM2: wellAreaM2(WELL_DIAMETER_M), pumpFlowM3s: PUMP_FLOW_M3S };
    const station = await this.stations.create({
      positionId: position.id,
      deviceId: device.id,
      ...known,
      platePowerW: PLATE_POWER_W,
      plays: { fault: 'sticks-open', from: new Date(faultS * 1000).toISOString() },
      placedBy: personId,
      version: 1,
    });
    const { samples } = playStation(
      { fault: 'sticks-open', fromS: faultS, everyS: EVERY_S, ...known },
      wellAt(nowS - RECORDED_DAYS * DAY_S),
      nowS,
    );
    await this.levels.add(
      position.id,
      samples.map(({ timeS, ...level }) => ({ at: new Date(timeS * 1000).toISOString(), ...level })),
    );
    const diagnosis = checkDiagnosis({ samples, ...known });
    const since = new Date((diagnosis.sinceS ?? faultS) * 1000);
    await station.update({ verdict: diagnosis.verdict, since, diagnosis, judgedAt: new Date() });
    await this.entries.create({
      id: randomUUID(),
      positionId: position.id,
      personId: null,
      signedAs: RECORDER,
      byDevice: true,
      kind: 'found',
      text: VERDICT_SAID[diagnosis.verdict],
      found: { holding: 'passes' },
      happenedAt: since,
    });
    const all = await this.entries.findAll({ where: { positionId: position.id }, include: SIGNERS });
    await position.update({ condition: conditionFrom(all) }, { silent: true });
  }
}
