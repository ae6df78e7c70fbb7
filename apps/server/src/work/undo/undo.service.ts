import type { OwnChangeView } from '@grevik/contracts';
import { CHANGE_KIND_TABLE } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { mayDo } from '../../ground/access/permission-table.js';
import { notAllowed } from '../../ground/access/access.guard.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { Position } from '../positions/position.model.js';
import type { Acting } from '../../ground/sessions/acting.js';

/** A person's own last changes, and the way back from each. */
@Injectable()
export class UndoService {
  constructor(
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly log: ChangeLog,
  ) {}

  async list(): Promise<OwnChangeView[]> {
    const own = await this.log.own();
    const ids = own.flatMap(({ change }) => change.positionId ?? []);
    const there = await this.positions.findAll({ where: { id: ids }, attributes: ['id', 'lineId'] });
    const lineOf = new Map(there.map(({ id, lineId }) => [id, lineId]));
    return own.map(({ change: { id, kind, at, jobId, what, positionId, after, undoes }, isUndone }) => ({
      id,
      kind,
      at: at.toISOString(),
      jobId,
      what,
      lineId: kind === 'walk' ? (after as { lineId: string }).lineId : (lineOf.get(positionId ?? '') ?? null),
      undoes,
      isUndone,
    }));
  }

  /** Takes a change back, where nobody has changed the same thing since. It needs the permission that doing it needed. */
  async undo(id: string, { role }: Acting): Promise<void> {
    const change = await this.log.undoable(id);
    const { needs } = CHANGE_KIND_TABLE[change.kind];
    if (!mayDo(role, needs)) throw notAllowed(role, needs);
    await this.log.takeBack(change);
  }
}
