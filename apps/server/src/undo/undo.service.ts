import type { ChangeKind, OwnChangeView, Permission } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { mayDo } from '../access/permission-table.js';
import { notAllowed } from '../access/access.guard.js';
import { ChangeLog } from '../history/change-log.service.js';
import { Position } from '../positions/position.model.js';
import { PositionsService } from '../positions/positions.service.js';
import type { Acting } from '../sessions/acting.js';
import { WalksService } from '../walks/walks.service.js';
import { WalkListService } from '../walk-list/walk-list.service.js';

/** Taking something back needs the permission that doing it needed. */
const NEEDED: Readonly<Record<ChangeKind, Permission>> = {
  duty: 'change-duty',
  pick: 'pick',
  name: 'walk',
  'hook-up': 'pick',
  walk: 'walk',
  'walk-list': 'bring-lines',
};

/** A person's own last changes, and the way back from each. */
@Injectable()
export class UndoService {
  constructor(
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly log: ChangeLog,
    private readonly positionsService: PositionsService,
    private readonly walkList: WalkListService,
    private readonly walks: WalksService,
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

  /** Takes a change back, where nobody has changed the same thing since. */
  async undo(id: string, { role }: Acting): Promise<void> {
    const change = await this.log.undoable(id);
    const needed = NEEDED[change.kind];
    if (!mayDo(role, needed)) throw notAllowed(role, needed);
    if (change.kind === 'walk') await this.walks.takeBack(change);
    else if (change.kind === 'walk-list') await this.walkList.takeBack(change);
    else await this.positionsService.takeBack(change);
  }
}
