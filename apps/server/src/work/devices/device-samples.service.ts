import type { DeviceSample, DeviceSamplesRequest, DeviceSamplesView } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { inCompany } from '../../ground/database/company-scope.js';
import { ReadingsService } from '../start-ups/readings.service.js';
import { Device } from './device.model.js';
import type { ReportingDevice } from './reporting-device.js';

/** A clock that is off by more is wrong, ms. */
const CLOCK_OFF_MS = 120_000;
const HOUR_MS = 3600_000;

/** What devices report: kept as their last word, and stored in the reading that runs on them. */
@Injectable()
export class DeviceSamplesService {
  constructor(
    @InjectModel(Device) private readonly devices: typeof Device,
    private readonly readings: ReadingsService,
  ) {}

  /**
   * Takes a report. Sent again it is stored once.
   *
   * @throws InvalidInput where the clock is wrong or times do not rise: then nothing of it is stored, and the device says why
   */
  async take({ id, companyId }: ReportingDevice, report: DeviceSamplesRequest): Promise<DeviceSamplesView> {
    return inCompany(companyId, async () => {
      try {
        checkClock(report);
        return await this.readings.report(id, report.samples);
      } catch (error) {
        if (error instanceof InvalidInput)
          await this.devices.update({ lastAt: new Date(), trouble: error.message }, { where: { id } });
        throw error;
      }
    });
  }
}

/** A clock that is wrong puts every sample at a wrong moment: it is said, and nothing is shifted by guess. */
function checkClock({ sentAt, samples }: DeviceSamplesRequest): void {
  const sentMs = Date.parse(sentAt);
  const aheadMs = sentMs - Date.now();
  if (Math.abs(aheadMs) > CLOCK_OFF_MS)
    throw new InvalidInput(
      'sentAt',
      `sentAt is ${sentAt}: the device’s clock is ${apart(Math.abs(aheadMs))} ${aheadMs > 0 ? 'ahead of' : 'behind'} the server’s. Set its clock. Nothing is stored until it is right.`,
    );
  let beforeMs = -Infinity;
  samples.forEach(({ at }: DeviceSample, index) => {
    const atMs = Date.parse(at);
    if (atMs <= beforeMs)
      throw new InvalidInput(
        `samples[${index}].at`,
        `samples[${index}].at is ${at}, not after the sample before it: send samples in the order they were read.`,
      );
    if (atMs > sentMs + 1000)
      throw new InvalidInput(
        `samples[${index}].at`,
        `samples[${index}].at is ${at}, after sentAt ${sentAt}: a sample is read before it is sent.`,
      );
    beforeMs = atMs;
  });
}

const apart = (ms: number): string =>
  ms >= HOUR_MS ? `${(ms / HOUR_MS).toFixed(1)} h` : `${Math.round(ms / 60_000)} min`;
