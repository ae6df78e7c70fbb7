import { randomUUID } from 'node:crypto';
import type { ArchivedPosition } from '@grevik/contracts';
import type { Condition } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Person } from '../../firm/people/person.model.js';
import { SIGNERS, signedName } from '../../firm/people/signature.js';
import { byPosition } from '../positions/by-position.js';
import { conditionFrom } from './condition-from.js';
import { Entry } from './entry.model.js';

type ArchivedEntry = ArchivedPosition['entries'][number];

/** Entries out to an archive, and back signed as they were. */
@Injectable()
export class ArchivedEntries {
  constructor(@InjectModel(Entry) private readonly entries: typeof Entry) {}

  /** By position, the oldest first. */
  async write(positionIds: readonly string[]): Promise<ReadonlyMap<string, ArchivedEntry[]>> {
    const rows = await this.entries.findAll({
      where: { positionId: [...positionIds] },
      include: SIGNERS,
      order: [
        ['happenedAt', 'ASC'],
        ['receivedAt', 'ASC'],
      ],
    });
    return byPosition(rows, archived);
  }

  /** Entries of one position as rows that wait for its id, and what they say of its valve. */
  read(
    entries: readonly ArchivedEntry[],
    importer: Person,
  ): { condition: Condition; keep: (positionId: string) => Promise<void> } {
    const rows = entries.map((entry) => {
      const row = this.entries.build({
        ...entry,
        id: randomUUID(),
        turns: entry.turns ?? null,
        found: entry.found ?? null,
        finding: entry.finding ?? null,
        visit: entry.visit ?? null,
        happenedAt: new Date(entry.happenedAt),
        receivedAt: new Date(),
        signedAs: entry.by,
        importedBy: importer.id,
      });
      row.importer = importer;
      return row;
    });
    return {
      condition: conditionFrom(rows),
      keep: async (positionId) => {
        await this.entries.bulkCreate(rows.map(({ dataValues }) => ({ ...dataValues, positionId })));
      },
    };
  }
}

function archived(row: Entry): ArchivedEntry {
  const { kind, text, turns, found, finding, visit, happenedAt } = row;
  return {
    kind,
    text,
    ...(turns !== null && { turns }),
    ...(found !== null && { found }),
    ...(finding !== null && { finding }),
    ...(visit !== null && { visit }),
    happenedAt: happenedAt.toISOString(),
    by: signedName(row),
  };
}
