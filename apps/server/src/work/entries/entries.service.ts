import type { EntryRequest, EntryView, PositionEntryRequest } from '@grevik/contracts';
import { CONDITION_KINDS, InvalidInput, refuseOddEntry } from '@grevik/core';
import { isDeepStrictEqual } from 'node:util';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { inTransaction } from '../../ground/database/work-context.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { deviceMoment } from '../../ground/requests/device-moment.js';
import { positionNotFound } from '../positions/position-not-found.js';
import { Position } from '../positions/position.model.js';
import { SIGNERS } from '../../firm/people/signature.js';
import { conditionFrom } from './condition-from.js';
import { Entry } from './entry.model.js';
import { readEntries } from './read-entries.js';
import { OwnGatesService } from './own-gates.service.js';

@Injectable()
export class EntriesService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly gates: OwnGatesService,
    private readonly log: ChangeLog,
  ) {}

  /** Adds a fact to a position's log. Sent again under the same id it is found stored, and nothing is added. */
  async add(positionId: string, request: EntryRequest): Promise<{ entry: EntryView; isNew: boolean }> {
    const [added] = await this.addAll([{ positionId, entry: request }]);
    if (!added || 'refusal' in added) throw added?.refusal ?? positionNotFound();
    const [entry] = await readEntries(this.sequelize, { id: request.id }, 1);
    if (!entry) throw positionNotFound();
    return { entry, isNew: added.isNew };
  }

  /** Adds several at once, each stored or refused by itself. */
  async addAll(requests: readonly PositionEntryRequest[]): Promise<Added[]> {
    const read = requests.map(readFact);
    const facts = read.flatMap((one) => ('refusal' in one ? [] : [one.fact]));
    const stored = await inTransaction(this.sequelize, () => this.store(facts));
    return read.map((one): Added => {
      if ('refusal' in one) return one;
      const { fact } = one;
      const found = stored.get(fact.id);
      if (!found) return { refusal: positionNotFound() };
      if (!saysTheSame(found.entry, fact)) return { refusal: isAnother(fact.id) };
      return { isNew: found.isNew };
    });
  }

  /** Adds what a device of the company found out. */
  async addByDevice(positionId: string, name: string, entry: EntryRequest): Promise<void> {
    const read = readFact({ positionId, entry });
    if ('refusal' in read) throw read.refusal;
    await inTransaction(this.sequelize, () =>
      this.store([read.fact], { personId: null, signedAs: name, byDevice: true }),
    );
  }

  /** What was written at a position, newest first. @param most how many entries at most */
  ofPosition(positionId: string, most: number): Promise<EntryView[]> {
    return readEntries(this.sequelize, { positionId }, most);
  }

  /** Stores what is not there yet, and what is now known of the positions with it. */
  private async store(
    facts: readonly Fact[],
    signer: Partial<Pick<Entry, 'personId' | 'signedAs' | 'byDevice'>> = { personId: currentPersonId() },
  ): Promise<Map<string, { entry: Entry; isNew: boolean }>> {
    // In one order, so that two who send at once never wait for each other.
    const positions = await this.positions.findAll({
      where: { id: [...new Set(facts.map(({ positionId }) => positionId))] },
      order: [['id', 'ASC']],
      lock: true,
    });
    const known = new Map(positions.map((position) => [position.id, position]));
    // Looked at behind the lock: the same may have been sent twice at once.
    const before = await this.entries.findAll({ where: { id: facts.map(({ id }) => id) } });
    const result = new Map(before.map((entry) => [entry.id, { entry, isNew: false }]));
    const fresh = facts.filter(({ id, positionId }) => known.has(positionId) && !result.has(id));
    if (fresh.length === 0) return result;
    const rows = fresh.map((fact) => ({ ...fact, ...signer }));
    // Of two under one id the first counts.
    const unique = rows.filter((row, at) => rows.findIndex(({ id }) => id === row.id) === at);
    for (const entry of await this.entries.bulkCreate(unique)) result.set(entry.id, { entry, isNew: true });
    const changing = unique.filter(({ kind }) => CONDITION_KINDS.includes(kind));
    await this.knowMore([...new Set(changing.map(({ positionId }) => positionId))], known);
    await this.gates.after(unique);
    await this.log.recordAll(
      unique.map(({ id, kind, positionId }) => ({
        kind: 'entry',
        jobId: known.get(positionId)?.jobId ?? null,
        positionId,
        subjectId: id,
        what: known.get(positionId)?.tag ?? '',
        before: null,
        after: { kind },
      })),
    );
    return result;
  }

  /** Writes what is known of positions from all their entries that change it. */
  private async knowMore(ids: readonly string[], known: ReadonlyMap<string, Position>): Promise<void> {
    if (ids.length === 0) return;
    const all = await this.entries.findAll({
      where: { positionId: [...ids], kind: [...CONDITION_KINDS] },
      include: SIGNERS,
    });
    for (const id of ids) {
      const condition = conditionFrom(all.filter(({ positionId }) => positionId === id));
      // What was found changes nothing that a version guards.
      await known.get(id)?.update({ condition }, { silent: true });
    }
  }
}

/** A fact as it is stored, whoever wrote it. */
type Fact = Pick<
  Entry,
  'id' | 'positionId' | 'kind' | 'text' | 'turns' | 'found' | 'finding' | 'visit' | 'happenedAt'
>;
type Added = { isNew: boolean } | { refusal: Error };

/** Reads an entry as it was sent, or says why it is none. */
function readFact({ positionId, entry }: PositionEntryRequest): { fact: Fact } | { refusal: Error } {
  const { id, kind, text, turns, found, finding, visit, happenedAt } = entry;
  const facts = {
    turns: turns ?? null,
    found: found ?? null,
    finding: finding ?? null,
    visit: visit ?? null,
  };
  try {
    const happened = deviceMoment('happenedAt', happenedAt);
    refuseOddEntry(kind, text, facts);
    return { fact: { id, positionId, kind, text: text.trim(), ...facts, happenedAt: happened } };
  } catch (error) {
    if (error instanceof InvalidInput) return { refusal: error };
    throw error;
  }
}

const isAnother = (id: string): Refusal =>
  new Refusal(409, {
    code: 'conflict',
    field: 'id',
    message: `There is another entry with the id ${id}. An entry cannot be changed: add a new one.`,
  });

function saysTheSame(stored: Entry, fact: Fact): boolean {
  return (
    stored.personId === currentPersonId() &&
    stored.positionId === fact.positionId &&
    stored.kind === fact.kind &&
    stored.text === fact.text &&
    stored.turns === fact.turns &&
    isDeepStrictEqual(stored.found, fact.found) &&
    isDeepStrictEqual(stored.finding, fact.finding) &&
    isDeepStrictEqual(stored.visit, fact.visit) &&
    stored.happenedAt.getTime() === fact.happenedAt.getTime()
  );
}
