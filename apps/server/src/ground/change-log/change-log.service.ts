import { type PositionChangeView, UNDO_DEPTH } from '@grevik/contracts';
import { CHANGE_KINDS, CHANGE_KIND_TABLE, type ChangeKind, UNDOABLE_KINDS } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId, currentPersonId } from '../database/company-scope.js';
import { LiveNotices } from '../live/live-notices.service.js';
import { Refusal } from '../errors/refusal.js';
import { Change } from './change.model.js';

const SHOWN_KINDS = CHANGE_KINDS.filter((kind) => CHANGE_KIND_TABLE[kind].isShown);
/** Longest name of what was changed. */
const LONGEST_WHAT = 200;

/** What was done, as it goes into the log. */
export interface Done {
  /** Made where it was entered; else one of its own. */
  id?: string;
  kind: ChangeKind;
  jobId?: string | null;
  positionId?: string | null;
  /** The row it was done to, where that is no position. */
  subjectId?: string | null;
  /** A tag or a name that outlives it. */
  what: string;
  before: unknown;
  after: unknown;
  undoes?: string;
}

/** Takes a change of some kinds back, in a transaction of its own. */
type TakeBack = (change: Change) => Promise<void>;

/**
 * The one log of changes: who changed what, when, from what to what. Written in the transaction of the change itself. Each module says how its
 * own kinds are taken back.
 */
@Injectable()
export class ChangeLog {
  private readonly ways = new Map<ChangeKind, TakeBack>();
  private readonly consequences: { kinds: readonly ChangeKind[]; follow: () => Promise<void> }[] = [];

  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Change) private readonly changes: typeof Change,
    private readonly notices: LiveNotices,
  ) {}

  async record(done: Done): Promise<Change> {
    const [change] = await this.recordAll([done]);
    return change as Change;
  }

  /** Many at once, numbered in the order given. */
  async recordAll(done: readonly Done[]): Promise<Change[]> {
    const personId = currentPersonId();
    const changes = await this.changes.bulkCreate(
      done.map(({ what, ...one }) => ({ ...one, what: what.slice(0, LONGEST_WHAT) || '-', personId })),
      { returning: ['id', 'number'] },
    );
    await this.notices.tellChanges(
      changes.map(({ kind, number, jobId, positionId, subjectId }) => ({
        kind,
        number: Number(number),
        jobId: jobId ?? null,
        positionId: positionId ?? null,
        subjectId: subjectId ?? null,
      })),
    );
    for (const { kinds, follow } of this.consequences)
      if (changes.some(({ kind }) => kinds.includes(kind))) await follow();
    return changes;
  }

  /** Number of the company's last change; 0 where there is none. */
  async lastNumber(): Promise<number> {
    return Number((await this.changes.max('number', { where: { companyId: currentCompanyId() } })) ?? 0);
  }

  /** A change by the id it was entered with. */
  find(id: string, kind: ChangeKind): Promise<Change | null> {
    return this.changes.findOne({ where: { id, kind } });
  }

  /** Says what follows from changes of some kinds, in their transaction. */
  follows(kinds: readonly ChangeKind[], follow: () => Promise<void>): void {
    this.consequences.push({ kinds, follow });
  }

  /** Says how changes of some kinds are taken back. */
  takesBack(kinds: readonly ChangeKind[], way: TakeBack): void {
    for (const kind of kinds) this.ways.set(kind, way);
  }

  /** Takes a change back, where nobody has changed the same thing since. */
  async takeBack(change: Change): Promise<void> {
    const way = this.ways.get(change.kind);
    if (!way) throw new Error(`no module takes changes of kind ${change.kind} back`);
    await way(change);
  }

  /** What was done to a position, newest first. @param most how many changes at most */
  async ofPosition(positionId: string, most: number): Promise<PositionChangeView[]> {
    const rows = await this.sequelize.query<Omit<PositionChangeView, 'at'> & { at: Date }>(
      `SELECT c.id, c.kind, c.before, c.after, c.at, c.undoes, p.name AS by
       FROM changes c JOIN people p ON p.company_id = c.company_id AND p.id = c.person_id
       WHERE c.company_id = :companyId AND c.position_id = :positionId AND c.kind IN (:kinds)
       ORDER BY c.number DESC LIMIT :most`,
      {
        type: QueryTypes.SELECT,
        replacements: { companyId: currentCompanyId(), positionId, kinds: SHOWN_KINDS, most },
      },
    );
    return rows.map((row) => ({ ...row, at: row.at.toISOString() }) as PositionChangeView);
  }

  /** How many changes a position has seen: at least as many as its version says. */
  countOf(positionId: string): Promise<number> {
    return this.changes.count({ where: { positionId } });
  }

  /** The last changes of whoever asks that can be taken back, newest first, each with the change that took it back. */
  async own(): Promise<{ change: Change; isUndone: boolean }[]> {
    const rows = await this.changes.findAll({
      where: { personId: currentPersonId(), kind: UNDOABLE_KINDS },
      order: [['number', 'DESC']],
      limit: UNDO_DEPTH,
    });
    const undone = await this.changes.findAll({
      where: { undoes: rows.map(({ id }) => id) },
      attributes: ['undoes'],
    });
    const takenBack = new Set(undone.map(({ undoes }) => undoes));
    return rows.map((change) => ({ change, isUndone: takenBack.has(change.id) }));
  }

  /** One of the asker's last changes that still stands. */
  async undoable(id: string): Promise<Change> {
    const found = (await this.own()).find(({ change }) => change.id === id);
    if (!found)
      throw new NotFoundException(`That is not one of your last ${UNDO_DEPTH} changes. Change it by hand.`);
    if (found.isUndone)
      throw new Refusal(409, { code: 'conflict', message: 'That change is already undone.' });
    // A list that was taken back left nothing to import again from.
    if (found.change.kind === 'walk-list' && found.change.undoes !== null)
      throw new Refusal(409, { code: 'conflict', message: 'Import the walk list again.' });
    return found.change;
  }
}
