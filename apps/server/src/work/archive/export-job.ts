import { ARCHIVE_FORMAT, type ArchivedStartUp, type JobArchive } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { CatalogueService, plainModel } from '../../firm/catalogue/catalogue.service.js';
import { PeopleService } from '../../firm/people/people.service.js';
import { ArchivedEntries } from '../entries/archived-entries.service.js';
import { ArchivedJobs } from '../jobs/archived-jobs.service.js';
import { ArchivedOrders } from '../orders/archived-orders.service.js';
import { ArchivedPhotos } from '../photos/archived-photos.service.js';
import { ArchivedPositions } from '../positions/archived-positions.service.js';
import { ArchivedStartUps } from '../start-ups/archived-start-ups.service.js';
import { ArchivedWalks } from '../walks/archived-walks.service.js';

/** Writes a job down whole: each module writes its own part. */
@Injectable()
export class ExportJob {
  constructor(
    private readonly jobs: ArchivedJobs,
    private readonly positions: ArchivedPositions,
    private readonly walks: ArchivedWalks,
    private readonly entries: ArchivedEntries,
    private readonly photos: ArchivedPhotos,
    private readonly orders: ArchivedOrders,
    private readonly startUps: ArchivedStartUps,
    private readonly people: PeopleService,
    private readonly catalogue: CatalogueService,
  ) {}

  async archive(jobId: string): Promise<JobArchive> {
    const job = await this.jobs.of(jobId);
    const positions = await this.positions.of(jobId);
    const ids = positions.map(({ id }) => id);
    const tagOf = new Map(positions.map(({ id, tag }) => [id, tag]));
    const [walks, entries, photos, nameOf, models, orders] = await Promise.all([
      this.walks.write(jobId, tagOf),
      this.entries.write(ids),
      this.photos.write(ids),
      this.people.names(),
      this.catalogue.list(),
      this.orders.write(jobId, tagOf),
    ]);
    const startUps = new Map<string, ArchivedStartUp>();
    for (const { id } of job.lines) {
      const startUp = await this.startUps.write(id, tagOf);
      if (startUp) startUps.set(id, startUp);
    }
    const picked = new Set(positions.map(({ pick }) => pick?.modelId));
    const modelOf = new Map(models.map((model) => [model.id, plainModel(model)]));
    return {
      format: ARCHIVE_FORMAT,
      version: 1,
      job: job.name,
      ...(Object.keys(job.houseRules).length > 0 && { houseRules: job.houseRules }),
      models: models.filter(({ id }) => picked.has(id)).map(plainModel),
      lines: job.lines.map(({ id, name, medium, facts }) => ({
        name,
        medium,
        ...(Object.keys(facts).length > 0 && { facts }),
        walked: walks.has(id),
        walk: walks.get(id) ?? [],
        ...startUpOf(startUps.get(id)),
        positions: positions
          .filter(({ lineId }) => lineId === id)
          .map((position) => ({
            ...this.positions.write(position, modelOf, nameOf),
            entries: entries.get(position.id) ?? [],
            photos: photos.get(position.id) ?? [],
          })),
      })),
      ...orders,
    };
  }
}

const startUpOf = (startUp: ArchivedStartUp | undefined): { startUp?: ArchivedStartUp } =>
  startUp ? { startUp } : {};
