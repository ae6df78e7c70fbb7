import { randomUUID } from 'node:crypto';
import type { ArchiveTaken } from '@grevik/contracts';
import type { WalkItem } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueModelRow } from '../../firm/catalogue/catalogue-model.model.js';
import { CatalogueService } from '../../firm/catalogue/catalogue.service.js';
import { currentCompanyId, currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { conditionFrom } from '../entries/condition-from.js';
import { Entry } from '../entries/entry.model.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Person } from '../../firm/people/person.model.js';
import { Photo } from '../photos/photo.model.js';
import { fingerprint } from '../photos/photos.service.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { Walk } from '../walks/walk.model.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';
import { ArchiveOrders } from './archive-orders.js';
import type { ArchivePieces, ArchiveRest, CheckedPosition, LineHead } from './read-archive.js';

const READING_MS = 60_000;

/** What the positions of one import have in common. */
interface Imported {
  jobId: string;
  modelIds: ReadonlyMap<string, string>;
  photos: ArchivePieces['photos'];
  importer: Person;
}

/** Makes a job again from an archive: whole, or not at all. What people wrote stays signed with their names. */
@Injectable()
export class ImportJob {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Walk) private readonly walks: typeof Walk,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Pick) private readonly picks: typeof Pick,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    @InjectModel(Photo) private readonly photos: typeof Photo,
    @InjectModel(CatalogueModelRow) private readonly models: typeof CatalogueModelRow,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly catalogue: CatalogueService,
    private readonly orders: ArchiveOrders,
    private readonly threads: WorkThreads,
    private readonly log: ChangeLog,
  ) {}

  /** @param body the archive as it came: read and checked in a thread of its own, and handed back in pieces */
  async take(body: Uint8Array<ArrayBuffer>): Promise<ArchiveTaken> {
    const budget = {
      sender: currentCompanyId(),
      mostMs: READING_MS,
      insteadOfLong: 'Export the job without its photos, or in smaller jobs.',
    };
    const { rest, lines, photos } = await this.threads.run('readArchive', body, budget, [body.buffer]);
    const archive = JSON.parse(rest) as ArchiveRest;
    return inTransaction(this.sequelize, async () => {
      const [job, isNew] = await this.jobs.findOrCreate({ where: { name: archive.job.trim() } });
      if (!isNew)
        throw new Refusal(409, {
          code: 'conflict',
          field: 'job',
          message: `There is already a job called “${archive.job}”. Rename one of them.`,
        });
      if (archive.houseRules) await job.update({ houseRules: archive.houseRules });
      const imported: Imported = {
        jobId: job.id,
        modelIds: await this.addModels(archive),
        photos,
        importer: await this.people.findByPk(currentPersonId(), { rejectOnEmpty: true }),
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

  /** The catalogue keeps its own models; what it does not have yet is added. */
  private async addModels({ models }: ArchiveRest): Promise<ReadonlyMap<string, string>> {
    const known = async (): Promise<Map<string, string>> =>
      new Map((await this.models.findAll()).map(({ id, maker, model }) => [`${maker}\n${model}`, id]));
    const before = await known();
    await this.catalogue.add(models.filter(({ maker, model }) => !before.has(`${maker}\n${model}`)));
    return known();
  }

  private async addLine(
    imported: Imported,
    { head, positions }: ArchivePieces['lines'][number],
    placeInJob: number,
  ): Promise<ReadonlyMap<string, string>> {
    const { jobId } = imported;
    const { name, medium, walked, walk } = JSON.parse(head) as LineHead;
    const line = await this.lines.create({ jobId, name, medium, placeInJob });
    const idOf = new Map<string, string>();
    for (const piece of positions)
      for (const position of JSON.parse(piece) as CheckedPosition[]) {
        const where = { jobId, lineId: line.id, placeOnLine: idOf.size };
        idOf.set(position.tag, await this.addPosition(imported, where, position));
      }
    if (!walked) return idOf;
    const items = walk.map(({ tag, ...item }): WalkItem => {
      const positionId = tag === undefined ? undefined : idOf.get(tag);
      return { ...item, ...(positionId !== undefined && { positionId }) };
    });
    await this.walks.create({ lineId: line.id, jobId, version: 1, items });
    return idOf;
  }

  private async addPosition(
    { modelIds, photos: content, importer }: Imported,
    where: { jobId: string; lineId: string; placeOnLine: number },
    { pick, entries, photos, ...own }: CheckedPosition,
  ): Promise<string> {
    const written = entries.map((entry) => {
      const row = this.entries.build({
        ...entry,
        id: randomUUID(),
        turns: entry.turns ?? null,
        found: entry.found ?? null,
        finding: entry.finding ?? null,
        happenedAt: new Date(entry.happenedAt),
        receivedAt: new Date(),
        signedAs: entry.by,
        importedBy: importer.id,
      });
      row.importer = importer;
      return row;
    });
    const { id } = await this.positions.create({ ...where, ...own, condition: conditionFrom(written) });
    await this.entries.bulkCreate(written.map(({ dataValues }) => ({ ...dataValues, positionId: id })));
    if (pick)
      await this.picks.create({
        positionId: id,
        modelId: modelIds.get(`${pick.maker}\n${pick.model}`),
        reason: pick.reason,
        verdict: pick.verdict,
        pickedAt: new Date(pick.pickedAt),
        signedAs: pick.by ?? null,
        importedBy: importer.id,
      });
    for (const { at, type, by, takenAt } of photos) {
      const picture = Buffer.from(content[at] ?? []);
      await this.photos.create({
        id: randomUUID(),
        positionId: id,
        type,
        content: picture,
        sentSha256: fingerprint(picture),
        takenAt: new Date(takenAt),
        signedAs: by,
        importedBy: importer.id,
      });
    }
    return id;
  }
}
