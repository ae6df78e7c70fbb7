import type { EntryRequest, EntryView } from '@grevik/contracts';
import { InvalidInput, refuseOddEntry } from '@grevik/core';
import { isDeepStrictEqual } from 'node:util';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { Position } from '../positions/position.model.js';
import { SIGNERS, signature } from '../../firm/people/signature.js';
import { conditionFrom } from './condition-from.js';
import { Entry } from './entry.model.js';

const DAY_MS = 24 * 3600 * 1000;
const SHOWN = 200;

type NewEntry = Pick<Entry, 'id' | 'positionId' | 'kind'> & Record<string, unknown>;

@Injectable()
export class EntriesService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly log: ChangeLog,
  ) {}

  /** Adds a fact to a position's log. Sent again under the same id it is found stored, and nothing is added. */
  async add(
    positionId: string,
    { id, kind, text, turns, found, finding, happenedAt }: EntryRequest,
  ): Promise<{ entry: EntryView; isNew: boolean }> {
    const happened = new Date(happenedAt);
    if (happened.getTime() > Date.now() + DAY_MS)
      throw new InvalidInput(
        'happenedAt',
        `happenedAt is ${happenedAt}, which is in the future: check the clock of the device.`,
      );
    refuseOddEntry(kind, text, { turns: turns ?? null, found: found ?? null, finding: finding ?? null });
    if (!(await this.positions.findByPk(positionId, { attributes: ['id'] })))
      throw new NotFoundException('This position was not found. Open the line again.');
    const fact = {
      positionId,
      kind,
      text: text.trim(),
      turns: turns ?? null,
      found: found ?? null,
      finding: finding ?? null,
      happenedAt: happened,
    };
    const before = await this.find(id);
    if (!before) await this.store({ id, ...fact, personId: currentPersonId() });
    const stored = before ?? (await this.find(id));
    if (!stored || !saysTheSame(stored, fact))
      throw new Refusal(409, {
        code: 'conflict',
        field: 'id',
        message: `There is another entry with the id ${id}. An entry cannot be changed: add a new one.`,
      });
    return { entry: entryView(stored), isNew: !before };
  }

  /** What was written at a position, newest first. */
  async ofPosition(positionId: string): Promise<EntryView[]> {
    const rows = await this.entries.findAll({
      where: { positionId },
      include: SIGNERS,
      order: [
        ['happenedAt', 'DESC'],
        ['receivedAt', 'DESC'],
      ],
      limit: SHOWN,
    });
    return rows.map(entryView);
  }

  /** Stores it, and what is now known of the position with it. */
  private store(entry: NewEntry): Promise<void> {
    return inTransaction(this.sequelize, async () => {
      const position = await this.positions.findByPk(entry.positionId, {
        lock: true,
      });
      if (!position) throw new NotFoundException('This position was not found. Open the line again.');
      // Looked at again behind the lock: the same may have been sent twice at once.
      if (await this.find(entry.id)) return;
      await this.entries.create(entry);
      const all = await this.entries.findAll({ where: { positionId: position.id }, include: SIGNERS });
      // What was found changes nothing that a version guards.
      await position.update({ condition: conditionFrom(all) }, { silent: true });
      await this.log.record({
        kind: 'entry',
        jobId: position.jobId,
        positionId: position.id,
        subjectId: entry.id,
        what: position.tag,
        before: null,
        after: { kind: entry.kind },
      });
    });
  }

  private find(id: string): Promise<Entry | null> {
    return this.entries.findOne({ where: { id }, include: SIGNERS });
  }
}

function saysTheSame(
  stored: Entry,
  fact: Pick<Entry, 'positionId' | 'kind' | 'text' | 'turns' | 'found' | 'finding' | 'happenedAt'>,
): boolean {
  return (
    stored.personId === currentPersonId() &&
    stored.positionId === fact.positionId &&
    stored.kind === fact.kind &&
    stored.text === fact.text &&
    stored.turns === fact.turns &&
    isDeepStrictEqual(stored.found, fact.found) &&
    isDeepStrictEqual(stored.finding, fact.finding) &&
    stored.happenedAt.getTime() === fact.happenedAt.getTime()
  );
}

function entryView(entry: Entry): EntryView {
  const { id, kind, text, turns, found, finding, happenedAt } = entry;
  return {
    id,
    kind,
    text,
    turns,
    found,
    finding,
    happenedAt: happenedAt.toISOString(),
    by: signature(entry),
  };
}
