import type { ArchiveTaken } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueService } from '../../firm/catalogue/catalogue.service.js';
import { PeopleService } from '../../firm/people/people.service.js';
import type { Person } from '../../firm/people/person.model.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';
import { ArchivedEntries } from '../entries/archived-entries.service.js';
import { ArchivedJobs } from '../jobs/archived-jobs.service.js';
import { ArchivedOrders } from '../orders/archived-orders.service.js';
import { ArchivedPhotos } from '../photos/archived-photos.service.js';
import { ArchivedPositions } from '../positions/archived-positions.service.js';
import { ArchivedStartUps } from '../start-ups/archived-start-ups.service.js';
import { ArchivedWalks } from '../walks/archived-walks.service.js';
import type { ArchivePieces, ArchiveRest, CheckedPosition, LineHead } from './read-archive.js';

const READING_MS = 60_000;

/** What the positions of one import have in common. */
interface Imported {
  jobId: string;
  /** By maker and model. */
  modelIds: ReadonlyMap<string, string>;
  photos: ArchivePieces['photos'];
  importer: Person;
}

/** Makes a job again from an archive, whole or not at all: each module takes its own part. What people wrote stays signed with their names. */
@Injectable()
export class ImportJob {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly jobs: ArchivedJobs,
    private readonly positions: ArchivedPositions,
    private readonly walks: ArchivedWalks,
    private readonly entries: ArchivedEntries,
    private readonly photos: ArchivedPhotos,
    private readonly orders: ArchivedOrders,
    private readonly startUps: ArchivedStartUps,
    private readonly people: PeopleService,
    private readonly catalogue: CatalogueService,
    private readonly threads: WorkThreads,
    private readonly log: ChangeLog,
  ) {}

  /** @param body the archive as it came */
  async take(body: Uint8Array<ArrayBuffer>): Promise<ArchiveTaken> {
    return this.add(await this.read(body));
  }

  /** Reads and checks an archive, in a thread: a long one takes a while. */
  read(body: Uint8Array<ArrayBuffer>): Promise<ArchivePieces> {
    const budget = {
      sender: currentCompanyId(),
      mostMs: READING_MS,
      insteadOfLong: 'Export the job without its photos, or in smaller jobs.',
    };
    return this.threads.run('readArchive', body, budget, [body.buffer]);
  }

  /** Makes the job of an archive that was read. */
  async add({ rest, lines, photos }: ArchivePieces): Promise<ArchiveTaken> {
    const archive = JSON.parse(rest) as ArchiveRest;
    return inTransaction(this.sequelize, async () => {
      const job = await this.jobs.add(archive.job, archive.houseRules);
      const imported: Imported = {
        jobId: job.id,
        modelIds: await this.catalogue.idsOf(archive.models),
        photos,
        importer: await this.people.current(),
      };
      const idOf = new Map<string, string>();
      for (const [placeInJob, line] of lines.entries())
        for (const [tag, id] of await this.addLine(imported, line, placeInJob)) idOf.set(tag, id);
      await this.orders.take(job.id, archive, idOf);
      await this.log.record({
        kind: 'archive',
        jobId: job.id,
        what: job.name,
        before: null,
        after: { lines: lines.length, positions: idOf.size },
      });
      return { jobId: job.id, name: job.name, positions: idOf.size };
    });
  }

  /** @returns the ids of its positions by their tags */
  private async addLine(
    imported: Imported,
    { head, positions }: ArchivePieces['lines'][number],
    placeInJob: number,
  ): Promise<ReadonlyMap<string, string>> {
    const { jobId } = imported;
    const { name, medium, facts, walked, walk, startUp } = JSON.parse(head) as LineHead;
    const lineId = await this.jobs.addLine({ jobId, name, medium, placeInJob, ...(facts && { facts }) });
    const idOf = new Map<string, string>();
    for (const piece of positions)
      for (const position of JSON.parse(piece) as CheckedPosition[]) {
        const where = { jobId, lineId, placeOnLine: idOf.size };
        idOf.set(position.tag, await this.addPosition(imported, where, position));
      }
    if (walked) await this.walks.add({ jobId, lineId }, walk, idOf);
    if (startUp) await this.startUps.take(lineId, startUp, idOf, imported.importer);
    return idOf;
  }

  private async addPosition(
    { modelIds, photos: content, importer }: Imported,
    where: { jobId: string; lineId: string; placeOnLine: number },
    { pick, entries, photos, ...own }: CheckedPosition,
  ): Promise<string> {
    const { condition, keep } = this.entries.read(entries, importer);
    const id = await this.positions.add(where, { ...own, condition });
    await keep(id);
    if (pick)
      await this.positions.addPick(id, modelIds.get(`${pick.maker}\n${pick.model}`), pick, importer.id);
    for (const { at, ...photo } of photos)
      await this.photos.add(id, { ...photo, content: content[at] ?? new Uint8Array() }, importer.id);
    return id;
  }
}
