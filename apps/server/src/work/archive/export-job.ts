import { ARCHIVE_FORMAT, type ArchivedItem, type ArchivedPosition, type JobArchive } from '@grevik/contracts';
import type { CatalogueModel, WalkItem } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { ArchiveOrders } from './archive-orders.js';
import { CatalogueService, plainModel } from '../../firm/catalogue/catalogue.service.js';
import { Entry } from '../entries/entry.model.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Person } from '../../firm/people/person.model.js';
import { SIGNERS, signedName } from '../../firm/people/signature.js';
import { Photo } from '../photos/photo.model.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { Walk } from '../walks/walk.model.js';

/** Writes a job down whole. */
@Injectable()
export class ExportJob {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Walk) private readonly walks: typeof Walk,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    @InjectModel(Photo) private readonly photos: typeof Photo,
    @InjectModel(Person) private readonly people: typeof Person,
    private readonly catalogue: CatalogueService,
    private readonly orders: ArchiveOrders,
  ) {}

  async archive(jobId: string): Promise<JobArchive> {
    const job = await this.jobs.findByPk(jobId, {
      include: [{ model: Line, include: [{ model: Position, include: [Pick] }] }],
      order: [
        ['lines', 'placeInJob', 'ASC'],
        ['lines', 'positions', 'placeOnLine', 'ASC'],
      ],
    });
    if (!job) throw new NotFoundException('This job was not found. Open the list of jobs.');
    const positionIds = job.lines.flatMap(({ positions }) => positions.map(({ id }) => id));
    const allTags = new Map(
      job.lines.flatMap(({ positions }) => positions.map(({ id, tag }) => [id, tag] as const)),
    );
    const [walks, entries, photos, people, models, orders] = await Promise.all([
      this.walks.findAll({ where: { jobId } }),
      this.entries.findAll({
        where: { positionId: positionIds },
        include: SIGNERS,
        order: [
          ['happenedAt', 'ASC'],
          ['receivedAt', 'ASC'],
        ],
      }),
      this.photos.findAll({
        where: { positionId: positionIds },
        include: SIGNERS,
        order: [['takenAt', 'ASC']],
      }),
      this.people.findAll(),
      this.catalogue.list(),
      this.orders.write(jobId, allTags),
    ]);
    const picked = new Set(job.lines.flatMap(({ positions }) => positions.map(({ pick }) => pick?.modelId)));
    const modelOf = new Map(models.map((model) => [model.id, plainModel(model)]));
    const nameOf = new Map(people.map(({ id, name }) => [id, name]));

    const positionOf = (position: Position): ArchivedPosition => ({
      tag: position.tag,
      remarks: position.remarks,
      duty: position.duty,
      ...(position.longitude !== null && { longitude: position.longitude }),
      ...(position.latitude !== null && { latitude: position.latitude }),
      ...pickOf(position.pick, modelOf, nameOf),
      ...(Object.keys(position.hookUp).length > 0 && { hookUp: position.hookUp }),
      entries: entries
        .filter(({ positionId }) => positionId === position.id)
        .map((entry) => ({
          kind: entry.kind,
          text: entry.text,
          ...(entry.turns !== null && { turns: entry.turns }),
          ...(entry.found !== null && { found: entry.found }),
          ...(entry.finding !== null && { finding: entry.finding }),
          happenedAt: entry.happenedAt.toISOString(),
          by: signedName(entry),
        })),
      photos: photos
        .filter(({ positionId }) => positionId === position.id)
        .map((photo) => ({
          type: photo.type,
          takenAt: photo.takenAt.toISOString(),
          by: signedName(photo),
          base64: photo.content.toString('base64'),
        })),
    });
    return {
      format: ARCHIVE_FORMAT,
      version: 1,
      job: job.name,
      ...(Object.keys(job.houseRules).length > 0 && { houseRules: job.houseRules }),
      models: models.filter(({ id }) => picked.has(id)).map(plainModel),
      lines: job.lines.map((line) => {
        const walk = walks.find(({ lineId }) => lineId === line.id);
        const tagOf = new Map(line.positions.map(({ id, tag }) => [id, tag]));
        return {
          name: line.name,
          medium: line.medium,
          walked: walk !== undefined,
          walk: (walk?.items ?? []).flatMap((item) => itemOf(item, tagOf)),
          positions: line.positions.map(positionOf),
        };
      }),
      ...orders,
    };
  }
}

function itemOf({ positionId, ...item }: WalkItem, tagOf: ReadonlyMap<string, string>): ArchivedItem[] {
  if (positionId === undefined) return [item];
  const tag = tagOf.get(positionId);
  return tag === undefined ? [] : [{ ...item, tag }];
}

function pickOf(
  pick: Pick | null,
  modelOf: ReadonlyMap<string, CatalogueModel>,
  nameOf: ReadonlyMap<string, string>,
): { pick?: NonNullable<ArchivedPosition['pick']> } {
  const model = pick && modelOf.get(pick.modelId);
  if (!model) return {};
  const by = nameOf.get(pick.pickedBy ?? '') ?? pick.signedAs;
  return {
    pick: {
      maker: model.maker,
      model: model.model,
      reason: pick.reason,
      verdict: pick.verdict,
      pickedAt: pick.pickedAt.toISOString(),
      ...(by !== null && { by }),
    },
  };
}
