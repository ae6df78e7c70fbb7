import type { ArchivedItem } from '@grevik/contracts';
import type { WalkItem } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Walk } from './walk.model.js';

/** Walks out to an archive, their valves by their tags, and back. */
@Injectable()
export class ArchivedWalks {
  constructor(@InjectModel(Walk) private readonly walks: typeof Walk) {}

  /** By line; a line that was never walked has none. */
  async write(
    jobId: string,
    tagOf: ReadonlyMap<string, string>,
  ): Promise<ReadonlyMap<string, ArchivedItem[]>> {
    const walks = await this.walks.findAll({ where: { jobId } });
    return new Map(walks.map(({ lineId, items }) => [lineId, items.flatMap((item) => itemOf(item, tagOf))]));
  }

  async add(
    where: { jobId: string; lineId: string },
    walk: readonly ArchivedItem[],
    idOf: ReadonlyMap<string, string>,
  ): Promise<void> {
    const items = walk.map(({ tag, ...item }): WalkItem => {
      const positionId = tag === undefined ? undefined : idOf.get(tag);
      return { ...item, ...(positionId !== undefined && { positionId }) };
    });
    await this.walks.create({ ...where, version: 1, items });
  }
}

function itemOf({ positionId, ...item }: WalkItem, tagOf: ReadonlyMap<string, string>): ArchivedItem[] {
  if (positionId === undefined) return [item];
  const tag = tagOf.get(positionId);
  return tag === undefined ? [] : [{ ...item, tag }];
}
