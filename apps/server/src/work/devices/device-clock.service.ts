import { InvalidInput } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { inCompany } from '../../ground/database/company-scope.js';
import { LiveNotices } from '../../ground/live/live-notices.service.js';
import { Device } from './device.model.js';
import type { ReportingDevice } from './reporting-device.js';

/** A clock that is off by more is wrong, ms. */
const CLOCK_OFF_MS = 120_000;
const HOUR_MS = 3600_000;

/** Times of a report, by the clock of the device. */
interface Report {
  sentAt: string;
  samples: readonly { at: string }[];
}

/** Takes reports of devices whose clock is right. */
@Injectable()
export class DeviceClock {
  constructor(
    @InjectModel(Device) private readonly devices: typeof Device,
    private readonly notices: LiveNotices,
  ) {}

  /**
   * Takes a report in the company of its device.
   *
   * @param name of the list of samples, as the report calls it
   * @throws InvalidInput where the clock is wrong or times do not rise: then nothing of it is stored, and the device says why
   */
  reported<T>(
    { id, companyId }: ReportingDevice,
    report: Report,
    name: string,
    take: () => Promise<T>,
  ): Promise<T> {
    return inCompany(companyId, async () => {
      try {
        checkClock(report, name);
        return await take();
      } catch (error) {
        if (error instanceof InvalidInput) {
          await this.devices.update({ lastAt: new Date(), trouble: error.message }, { where: { id } });
          await this.notices.tellTopic('device-trouble');
        }
        throw error;
      }
    });
  }
}

/** A clock that is wrong puts every sample at a wrong moment: it is said, and nothing is shifted by guess. */
function checkClock({ sentAt, samples }: Report, name: string): void {
  const sentMs = Date.parse(sentAt);
  const aheadMs = sentMs - Date.now();
  if (Math.abs(aheadMs) > CLOCK_OFF_MS)
    throw new InvalidInput(
      'sentAt',
      `sentAt is ${sentAt}: the device’s clock is ${apart(Math.abs(aheadMs))} ${aheadMs > 0 ? 'ahead of' : 'behind'} the server’s. Set its clock. Nothing is stored until it is right.`,
    );
  let beforeMs = -Infinity;
  samples.forEach(({ at }, index) => {
    const atMs = Date.parse(at);
    if (atMs <= beforeMs)
      throw new InvalidInput(
        `${name}[${index}].at`,
        `${name}[${index}].at is ${at}, not after the sample before it: send samples in the order they were read.`,
      );
    if (atMs > sentMs + 1000)
      throw new InvalidInput(
        `${name}[${index}].at`,
        `${name}[${index}].at is ${at}, after sentAt ${sentAt}: a sample is read before it is sent.`,
      );
    beforeMs = atMs;
  });
}

const apart = (ms: number): string =>
  ms >= HOUR_MS ? `${(ms / HOUR_MS).toFixed(1)} h` : `${Math.round(ms / 60_000)} min`;
