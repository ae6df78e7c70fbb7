import { type ChangeKind, type PositionChangeView, UNDO_DEPTH } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { currentPersonId } from '../company/company-scope.js';
import { Refusal } from '../errors/refusal.js';
import { Person } from '../people/person.model.js';
import { Change } from './change.model.js';

/** Longest history shown of a position. */
const SHOWN = 200;

/** What was done, as it goes into the log. */
export interface Done {
  kind: ChangeKind;
  jobId: string;
  positionId: string | null;
  what: string;
  before: unknown;
  after: unknown;
  undoes?: string;
}

/** The log of changes: who changed what, when, from what to what. Written in the transaction of the change itself. */
@Injectable()
export class ChangeLog {
  constructor(@InjectModel(Change) private readonly changes: typeof Change) {}

  async record(done: Done): Promise<Change> {
    return this.changes.create({ ...done, personId: currentPersonId() });
  }

  /** What was done to a position, newest first. */
  async ofPosition(positionId: string): Promise<PositionChangeView[]> {
    const rows = await this.changes.findAll({
      where: { positionId },
      include: [Person],
      order: [['number', 'DESC']],
      limit: SHOWN,
    });
    return rows.map(
      ({ id, kind, before, after, at, undoes, person }) =>
        ({ id, kind, before, after, at: at.toISOString(), undoes, by: person.name }) as PositionChangeView,
    );
  }

  /** The last changes of whoever asks, newest first, each with the change that took it back. */
  async own(): Promise<{ change: Change; isUndone: boolean }[]> {
    const rows = await this.changes.findAll({
      where: { personId: currentPersonId() },
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
      throw new Refusal(409, { code: 'conflict', message: 'That change was taken back already.' });
    // A list that was taken back left nothing to bring again from.
    if (found.change.kind === 'walk-list' && found.change.undoes !== null)
      throw new Refusal(409, { code: 'conflict', message: 'Bring the walk list anew.' });
    return found.change;
  }
}
