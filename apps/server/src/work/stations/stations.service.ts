import type {
  Changed,
  LevelSample,
  LevelsQuery,
  LevelsStretch,
  LevelsView,
  StationRequest,
  StationView,
} from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { LiveNotices } from '../../ground/live/live-notices.service.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { Device } from '../devices/device.model.js';
import { positionNotFound } from '../positions/position-not-found.js';
import { Position } from '../positions/position.model.js';
import { LevelsService } from './levels.service.js';
import { StationVerdicts } from './station-verdicts.service.js';
import { Station } from './station.model.js';

/** What of a station a person says. */
type Said = Pick<Station, 'deviceId' | 'wellAreaM2' | 'pumpFlowM3s' | 'platePowerW' | 'plays'>;

/** Pump stations of checks: what is known of them, and what their recorders see. */
@Injectable()
export class StationsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Station) private readonly stations: typeof Station,
    @InjectModel(Device) private readonly devices: typeof Device,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly levels: LevelsService,
    private readonly verdicts: StationVerdicts,
    private readonly log: ChangeLog,
    private readonly notices: LiveNotices,
  ) {
    log.takesBack(['station'], (change) => this.takeBack(change));
  }

  /** The station of a position's check; of one that nobody described it says that nothing is known. */
  async of(positionId: string): Promise<StationView> {
    await this.positionOf(positionId);
    const station = await this.stations.findOne({ where: { positionId }, include: ['device'] });
    const [first, last] = [await this.levels.first(positionId), await this.levels.last(positionId)];
    const device = station?.device ?? null;
    return {
      version: station?.version ?? 0,
      device: device && {
        id: device.id,
        name: device.name,
        isStandIn: device.isStandIn,
        lastAt: device.lastAt?.toISOString() ?? null,
        trouble: device.trouble,
      },
      wellAreaM2: station?.wellAreaM2 ?? null,
      pumpFlowM3s: station?.pumpFlowM3s ?? null,
      platePowerW: station?.platePowerW ?? null,
      plays: station?.plays?.fault ?? null,
      firstAt: first?.at ?? null,
      lastAt: last?.at ?? null,
      lastLevelM: last?.levelM ?? null,
      isPumpOn: last?.pumpOn ?? null,
      verdict: station?.verdict ?? null,
      since: station?.since?.toISOString() ?? null,
      judgedAt: station?.judgedAt?.toISOString() ?? null,
      diagnosis: station?.diagnosis ?? null,
    };
  }

  /** A stretch of its log. */
  async stretch(positionId: string, query: LevelsQuery): Promise<LevelsStretch> {
    await this.positionOf(positionId);
    return this.levels.thinned(positionId, query);
  }

  /** Puts a recorder there, or changes what is known, in the version that was seen. */
  async change(positionId: string, request: StationRequest): Promise<Changed> {
    const { version, deviceId, plays, ...known } = request;
    const changed = await inTransaction(this.sequelize, async () => {
      const position = await this.positionOf(positionId);
      const device = deviceId === undefined ? null : await this.recorder(deviceId, positionId);
      if (plays !== undefined && !device?.isStandIn)
        throw new InvalidInput('plays', 'plays is for a recorder that the server plays: leave it out here.');
      if (device?.isStandIn && known.pumpFlowM3s === undefined)
        throw new InvalidInput('pumpFlowM3s', 'pumpFlowM3s is needed for a recorder that the server plays.');
      return this.replace(position, version, {
        deviceId: device?.id ?? null,
        wellAreaM2: known.wellAreaM2,
        pumpFlowM3s: known.pumpFlowM3s ?? null,
        platePowerW: known.platePowerW ?? null,
        plays: plays === undefined ? null : { fault: plays, from: new Date().toISOString() },
      });
    });
    // Judged by what was said: the verdict before rested on other figures.
    await this.verdicts.judgeNow(positionId);
    return changed;
  }

  /** Stores what a recorder reports. @returns at which position, where it stands at one */
  async report(deviceId: string, levels: readonly LevelSample[]): Promise<LevelsView> {
    await this.devices.update(
      { lastAt: new Date(), trouble: null, lastSample: levels[levels.length - 1] },
      { where: { id: deviceId } },
    );
    await this.notices.tellTopic('devices', { subjectId: deviceId });
    const station = await this.stations.findOne({ where: { deviceId }, attributes: ['positionId'] });
    if (!station) return { stored: 0, known: 0, positionId: null };
    const stored = await this.levels.add(station.positionId, levels);
    await this.verdicts.judgeAgain(station.positionId);
    await this.notices.tellTopic('levels', { positionId: station.positionId });
    return { stored, known: levels.length - stored, positionId: station.positionId };
  }

  private async replace(position: Position, version: number, said: Said, undoes?: string): Promise<Changed> {
    const { id: positionId, jobId, tag } = position;
    const before = await this.stations.findOne({ where: { positionId }, lock: true });
    if ((before?.version ?? 0) !== version)
      throw new Refusal(409, {
        code: 'stale',
        message:
          'This station was changed by somebody else in the meantime. Reload it, then change it again.',
      });
    const next = {
      ...said,
      // What is played goes on where only other figures changed.
      plays: said.plays?.fault === before?.plays?.fault ? (before?.plays ?? said.plays) : said.plays,
      version: version + 1,
      placedBy: currentPersonId(),
    };
    const was = before && { ...saidOf(before), version };
    if (before) await before.update(next);
    else await this.stations.create({ positionId, ...next });
    const { id } = await this.log.record({
      kind: 'station',
      jobId,
      positionId,
      what: tag,
      before: was,
      after: { ...said, version: version + 1 },
      ...(undoes !== undefined && { undoes }),
    });
    return { changeId: id };
  }

  private async takeBack({ id, positionId, before, after }: Change): Promise<void> {
    const position = await this.positionOf(positionId ?? '');
    const { version } = after as { version: number };
    // Before the first change nobody knew anything of it: it stays known, without a recorder.
    const said = (before ?? { ...(after as Said), deviceId: null, plays: null }) as Said;
    await this.replace(position, version, saidOf(said), id);
  }

  private async positionOf(id: string): Promise<Position> {
    const position = await this.positions.findByPk(id);
    if (!position) throw positionNotFound();
    return position;
  }

  /** A level recorder of the company that stands nowhere else. */
  private async recorder(id: string, positionId: string): Promise<Device> {
    const device = await this.devices.findOne({ where: { id, kind: 'recorder', removedAt: null } });
    if (!device)
      throw new InvalidInput(
        'deviceId',
        'deviceId is no level recorder of this company: choose one from the list.',
      );
    const other = await this.stations.findOne({ where: { deviceId: id } });
    if (other && other.positionId !== positionId) {
      const at = await this.positions.findByPk(other.positionId, { attributes: ['tag'] });
      throw new Refusal(409, {
        code: 'conflict',
        field: 'deviceId',
        message: `${device.name} records the station of ${at?.tag ?? 'another check'}. Remove it there first.`,
      });
    }
    return device;
  }
}

const saidOf = ({ deviceId, wellAreaM2, pumpFlowM3s, platePowerW, plays }: Said): Said => ({
  deviceId,
  wellAreaM2,
  pumpFlowM3s,
  platePowerW,
  plays,
});
