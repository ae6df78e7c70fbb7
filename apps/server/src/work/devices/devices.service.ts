import type { DeviceRequest, DeviceView, NewDeviceView } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Inject, Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { Clusters } from '../../ground/clusters/clusters.service.js';
import { CompanyService } from '../../firm/company/company.service.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentCompanyId, currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { Attempts } from '../../ground/sessions/attempts.js';
import { secretKeyHash, newSecretKey } from '../../ground/access/secret-key.js';
import { Device } from './device.model.js';
import type { ReportingDevice } from './reporting-device.js';

/** Reports of one device in a minute. */
const MOST_REPORTS = 180;

/** Whether stand-ins are played for companies other than the demo. */
export const STAND_INS = 'stand-ins';

/** The devices of a company and their keys. */
@Injectable()
export class DevicesService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Device) private readonly devices: typeof Device,
    @Inject(STAND_INS) private readonly playsStandIns: boolean,
    private readonly company: CompanyService,
    private readonly attempts: Attempts,
    private readonly log: ChangeLog,
    private readonly clusters: Clusters,
  ) {}

  /** Those in use, by name. */
  list(): Promise<DeviceView[]> {
    return this.views('');
  }

  async add({ name, kind, isStandIn = false }: DeviceRequest): Promise<NewDeviceView> {
    if (isStandIn && !this.playsStandIns && !(await this.company.isDemo()))
      throw new InvalidInput(
        'isStandIn',
        'This server plays no stand-ins for companies: start it with GREVIK_STAND_INS=on, or leave isStandIn out.',
      );
    const key = newSecretKey();
    const { id } = await inTransaction(this.sequelize, async () => {
      const device = await this.devices.create({
        name: name.trim(),
        kind,
        isStandIn,
        keyHash: secretKeyHash(key),
        addedBy: currentPersonId(),
      });
      await this.record(device, null, 'added');
      return device;
    });
    return { ...(await this.view(id)), key };
  }

  /** Another key: the one before opens nothing any more. */
  async newKey(id: string): Promise<NewDeviceView> {
    const key = newSecretKey();
    await this.change(id, 'another key', (device) =>
      device.update({ keyHash: secretKeyHash(key), trouble: null }),
    );
    return { ...(await this.view(id)), key };
  }

  /** Its key opens nothing any more; what it read stays. */
  remove(id: string): Promise<void> {
    return this.change(id, 'removed', async (device) => {
      if (device.isStandIn && (await this.company.isDemo()))
        throw new Refusal(403, {
          code: 'not-allowed',
          message: 'The loggers of the demo company are played for every visitor: they stay.',
        });
      const { reading, station } = await this.view(id);
      if (reading)
        throw new Refusal(409, {
          code: 'conflict',
          message: `${device.name} is reading ${reading.lineName}. Stop that reading first.`,
        });
      if (station)
        throw new Refusal(409, {
          code: 'conflict',
          message: `${device.name} records the station of ${station.tag}. Remove it there first.`,
        });
      await device.update({ removedAt: new Date() });
    });
  }

  /** The device of a key, whose report is counted; guesses are counted by the address they come from. */
  async ofKey(key: string | undefined, address: string): Promise<ReportingDevice | undefined> {
    const [found] =
      key === undefined
        ? []
        : await this.clusters.find(() =>
            this.sequelize.query<ReportingDevice & { reports: number }>(
              `UPDATE devices SET reports_in = date_trunc('minute', now()),
                    reports = CASE WHEN reports_in = date_trunc('minute', now()) THEN reports + 1 ELSE 1 END
             WHERE key_hash = :keyHash AND removed_at IS NULL RETURNING id, kind, company_id AS "companyId", reports`,
              { type: QueryTypes.SELECT, replacements: { keyHash: secretKeyHash(key) } },
            ),
          );
    if (!found) {
      await this.attempts.count('device-key', address);
      return undefined;
    }
    if (found.reports > MOST_REPORTS)
      throw new Refusal(429, {
        code: 'too-many',
        message: `A device reports at most ${MOST_REPORTS} times a minute: send several samples at once.`,
      });
    const { id, kind, companyId } = found;
    return { id, kind, companyId };
  }

  private async view(id: string): Promise<DeviceView> {
    const [view] = await this.views('AND d.id = :id', id);
    if (!view) throw notFound();
    return view;
  }

  private views(where: string, id = ''): Promise<DeviceView[]> {
    return this.sequelize.query<DeviceView>(
      `SELECT d.id, d.name, d.kind, d.is_stand_in AS "isStandIn", d.added_at AS "addedAt", coalesce(p.name, '') AS "addedBy",
              d.last_at AS "lastAt", d.last_sample AS "lastSample", d.trouble,
              CASE WHEN r.id IS NULL THEN NULL ELSE jsonb_build_object('jobId', l.job_id, 'lineId', l.id, 'lineName', l.name) END AS reading,
              CASE WHEN w.id IS NULL THEN NULL ELSE jsonb_build_object('jobId', w.job_id, 'lineId', w.line_id, 'positionId', w.id, 'tag', w.tag) END AS station
       FROM devices d
         LEFT JOIN people p ON p.company_id = d.company_id AND p.id = d.added_by
         LEFT JOIN readings r ON r.company_id = d.company_id AND r.device_id = d.id AND r.ended_at IS NULL
         LEFT JOIN lines l ON l.company_id = r.company_id AND l.id = r.line_id
         LEFT JOIN stations s ON s.company_id = d.company_id AND s.device_id = d.id
         LEFT JOIN positions w ON w.company_id = s.company_id AND w.id = s.position_id
       WHERE d.company_id = :companyId AND d.removed_at IS NULL ${where} ORDER BY d.name, d.id`,
      { type: QueryTypes.SELECT, replacements: { companyId: currentCompanyId(), id } },
    );
  }

  private change(id: string, what: string, work: (device: Device) => Promise<unknown>): Promise<void> {
    return inTransaction(this.sequelize, async () => {
      const device = await this.devices.findOne({ where: { id, removedAt: null }, lock: true });
      if (!device) throw notFound();
      await work(device);
      await this.record(device, 'in use', what);
    });
  }

  private record({ id, name }: Device, before: string | null, after: string): Promise<unknown> {
    return this.log.record({ kind: 'device', subjectId: id, what: name, before, after });
  }
}

const notFound = (): NotFoundException =>
  new NotFoundException('This device was not found. Open the page of devices again.');
