import { randomUUID } from 'node:crypto';
import {
  type ArchiveTaken,
  type ArchivedLine,
  type ArchivedPosition,
  type JobArchive,
  jobArchiveInput,
} from '@grevik/contracts';
import { InvalidInput, TAG_PATTERN, type WalkItem } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../database/work-context.js';
import { ArchiveOrders, refuseOddOrders } from './archive-orders.js';
import { CatalogueModelRow } from '../catalogue/catalogue-model.model.js';
import { CatalogueService } from '../catalogue/catalogue.service.js';
import { conditionFrom } from '../entries/condition-from.js';
import { Entry } from '../entries/entry.model.js';
import { Refusal } from '../errors/refusal.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Photo } from '../photos/photo.model.js';
import { photoType } from '../photos/photos.service.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { refuseOddWalk } from '../walks/odd-walk.js';
import { Walk } from '../walks/walk.model.js';

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
    private readonly catalogue: CatalogueService,
    private readonly orders: ArchiveOrders,
  ) {}

  async take(given: unknown): Promise<ArchiveTaken> {
    const archive = jobArchiveInput.read(given, '') as JobArchive;
    refuseContradictions(archive);
    refuseOddOrders(archive);
    return inTransaction(this.sequelize, async () => {
      const [job, isNew] = await this.jobs.findOrCreate({ where: { name: archive.job.trim() } });
      if (!isNew)
        throw new Refusal(409, {
          code: 'conflict',
          field: 'job',
          message: `There is a job called “${archive.job}” already. Give one of them another name.`,
        });
      if (archive.houseRules) await job.update({ houseRules: archive.houseRules });
      const modelIds = await this.addModels(archive);
      const idOf = new Map<string, string>();
      for (const [placeInJob, line] of archive.lines.entries())
        for (const [tag, id] of await this.addLine(job.id, line, placeInJob, modelIds)) idOf.set(tag, id);
      await this.orders.take(job.id, archive, idOf);
      return {
        jobId: job.id,
        name: job.name,
        positions: archive.lines.reduce((sum, { positions }) => sum + positions.length, 0),
      };
    });
  }

  /** The catalogue keeps its own models; what it does not have yet is added. */
  private async addModels({ models }: JobArchive): Promise<ReadonlyMap<string, string>> {
    const known = async (): Promise<Map<string, string>> =>
      new Map((await this.models.findAll()).map(({ id, maker, model }) => [`${maker}\n${model}`, id]));
    const before = await known();
    await this.catalogue.add(models.filter(({ maker, model }) => !before.has(`${maker}\n${model}`)));
    return known();
  }

  private async addLine(
    jobId: string,
    { name, medium, walked, walk, positions }: ArchivedLine,
    placeInJob: number,
    modelIds: ReadonlyMap<string, string>,
  ): Promise<ReadonlyMap<string, string>> {
    const line = await this.lines.create({ jobId, name, medium, placeInJob });
    const idOf = new Map<string, string>();
    for (const [placeOnLine, position] of positions.entries())
      idOf.set(
        position.tag,
        await this.addPosition({ jobId, lineId: line.id, placeOnLine }, position, modelIds),
      );
    if (!walked) return idOf;
    const items = walk.map(({ tag, ...item }): WalkItem => {
      const positionId = tag === undefined ? undefined : idOf.get(tag);
      return { ...item, ...(positionId !== undefined && { positionId }) };
    });
    await this.walks.create({ lineId: line.id, jobId, version: 1, items });
    return idOf;
  }

  private async addPosition(
    where: { jobId: string; lineId: string; placeOnLine: number },
    { pick, entries, photos, ...own }: ArchivedPosition,
    modelIds: ReadonlyMap<string, string>,
  ): Promise<string> {
    const written = entries.map((entry) =>
      this.entries.build({
        ...entry,
        id: randomUUID(),
        turns: entry.turns ?? null,
        found: entry.found ?? null,
        finding: entry.finding ?? null,
        happenedAt: new Date(entry.happenedAt),
        receivedAt: new Date(),
        signedAs: entry.by,
      }),
    );
    const { id } = await this.positions.create({ ...where, ...own, condition: conditionFrom(written) });
    await this.entries.bulkCreate(
      written.map((entry) => ({ ...(entry.get({ plain: true }) as object), positionId: id })),
    );
    if (pick)
      await this.picks.create({
        positionId: id,
        modelId: modelIds.get(`${pick.maker}\n${pick.model}`),
        reason: pick.reason,
        verdict: pick.verdict,
        pickedAt: new Date(pick.pickedAt),
        signedAs: pick.by ?? null,
      });
    for (const { base64, by, takenAt } of photos) {
      const content = Buffer.from(base64, 'base64');
      await this.photos.create({
        id: randomUUID(),
        positionId: id,
        type: await photoType(content),
        content,
        takenAt: new Date(takenAt),
        signedAs: by,
      });
    }
    return id;
  }
}

/** What each field alone can not tell: tags and names given twice, a valve of the walk that is no position, a pick without its model. */
function refuseContradictions({ lines, models }: JobArchive): void {
  const once = (seen: Set<string>, given: string, field: string): void => {
    const key = given.trim().toLowerCase();
    if (seen.has(key)) throw new InvalidInput(field, `${field} is “${given}”, which is there already.`);
    seen.add(key);
  };
  const tags = new Set<string>();
  const names = new Set<string>();
  const known = new Set(models.map(({ maker, model }) => `${maker}\n${model}`));
  if (known.size < models.length) throw new InvalidInput('models', 'models names one model twice.');
  lines.forEach(({ name, walked, walk, positions }, at) => {
    const here = `lines[${at}]`;
    once(names, name, `${here}.name`);
    positions.forEach(({ tag, longitude, latitude, pick }, index) => {
      const field = `${here}.positions[${index}]`;
      if (!TAG_PATTERN.test(tag))
        throw new InvalidInput(`${field}.tag`, `${field}.tag is “${tag}”: write it like CW-04.`);
      once(tags, tag, `${field}.tag`);
      if ((longitude === undefined) !== (latitude === undefined))
        throw new InvalidInput(`${field}.latitude`, `${field} needs longitude and latitude, or neither.`);
      if (pick && !known.has(`${pick.maker}\n${pick.model}`))
        throw new InvalidInput(
          `${field}.pick.model`,
          `${field}.pick.model is ${pick.model}, which models does not have.`,
        );
    });
    if (!walked) return;
    refuseOddWalk(walk, `${here}.walk`);
    const own = new Set(positions.map(({ tag }) => tag));
    walk.forEach(({ kind, tag }, index) => {
      const field = `${here}.walk[${index}].tag`;
      if (kind === 'valve' ? tag === undefined || !own.delete(tag) : tag !== undefined)
        throw new InvalidInput(
          field,
          `${field} is ${tag ?? 'missing'}: a valve, and only a valve, names a position of its line, once.`,
        );
    });
  });
}
