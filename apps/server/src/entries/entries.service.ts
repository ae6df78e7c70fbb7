import type { EntryRequest, EntryView } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { currentPersonId } from '../company/company-scope.js';
import { Refusal } from '../errors/refusal.js';
import { Person } from '../people/person.model.js';
import { Position } from '../positions/position.model.js';
import { Entry } from './entry.model.js';

const DAY_MS = 24 * 3600 * 1000;
const SHOWN = 200;

@Injectable()
export class EntriesService {
  constructor(
    @InjectModel(Entry) private readonly entries: typeof Entry,
    @InjectModel(Position) private readonly positions: typeof Position,
  ) {}

  /** Adds a fact to a position's log. Sent again under the same id it is found stored, and nothing is added. */
  async add(
    positionId: string,
    { id, kind, text, turns, happenedAt }: EntryRequest,
  ): Promise<{ entry: EntryView; isNew: boolean }> {
    const happened = new Date(happenedAt);
    if (happened.getTime() > Date.now() + DAY_MS)
      throw new InvalidInput(
        'happenedAt',
        `happenedAt is ${happenedAt}, which is still to come: check the device’s clock.`,
      );
    if (text.trim() === '' && kind === 'note')
      throw new InvalidInput('text', 'text is empty: a note says something.');
    if (!(await this.positions.findByPk(positionId, { attributes: ['id'] })))
      throw new NotFoundException('That position is not here. Open the line again.');
    const fact = { positionId, kind, text: text.trim(), turns: turns ?? null, happenedAt: happened };
    const before = await this.find(id);
    if (!before)
      await this.entries.bulkCreate([{ id, ...fact, personId: currentPersonId() }], {
        ignoreDuplicates: true,
      });
    const stored = before ?? (await this.find(id));
    if (!stored || !saysTheSame(stored, fact))
      throw new Refusal(409, {
        code: 'conflict',
        field: 'id',
        message: `There is another entry with the id ${id}. An entry is never changed: write a new one.`,
      });
    return { entry: entryView(stored), isNew: !before };
  }

  /** What was written at a position, newest first. */
  async ofPosition(positionId: string): Promise<EntryView[]> {
    const rows = await this.entries.findAll({
      where: { positionId },
      include: [Person],
      order: [
        ['happenedAt', 'DESC'],
        ['receivedAt', 'DESC'],
      ],
      limit: SHOWN,
    });
    return rows.map(entryView);
  }

  private find(id: string): Promise<Entry | null> {
    return this.entries.findOne({ where: { id }, include: [Person] });
  }
}

function saysTheSame(
  stored: Entry,
  fact: Pick<Entry, 'positionId' | 'kind' | 'text' | 'turns' | 'happenedAt'>,
): boolean {
  return (
    stored.personId === currentPersonId() &&
    stored.positionId === fact.positionId &&
    stored.kind === fact.kind &&
    stored.text === fact.text &&
    stored.turns === fact.turns &&
    stored.happenedAt.getTime() === fact.happenedAt.getTime()
  );
}

function entryView({ id, kind, text, turns, happenedAt, person }: Entry): EntryView {
  return { id, kind, text, turns, happenedAt: happenedAt.toISOString(), by: person.name };
}
