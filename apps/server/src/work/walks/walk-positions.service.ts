import type { PickKept } from '@grevik/contracts';
import type { Condition, HookUpChoices, PositionDuty } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes, col, fn, where } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import { Entry } from '../entries/entry.model.js';
import { Refusal } from '../../ground/errors/refusal.js';
import type { Line } from '../lines/line.model.js';
import { Photo } from '../photos/photo.model.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { Pick } from '../positions/pick.model.js';
import { type SignedPick, signedPick } from '../positions/signed-pick.js';
import { Position } from '../positions/position.model.js';

/** Far behind any place: taken until the line is numbered anew. */
export const UNPLACED = 1_000_000;

/** A position that went with its item, kept whole so that it can come back. An earlier version kept less. */
export interface PositionKept {
  id: string;
  tag: string;
  remarks: string;
  duty: PositionDuty;
  pick: (PickKept & Partial<SignedPick>) | null;
  hookUp?: HookUpChoices;
  condition?: Condition;
  longitude?: number | null;
  latitude?: number | null;
  version?: number;
  changedBy?: string | null;
  lastChange?: string | null;
}

/** Positions that come and go with the walk of their line, and their order on it. */
@Injectable()
export class WalkPositions {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Pick) private readonly picks: typeof Pick,
    @InjectModel(Entry) private readonly entries: typeof Entry,
    @InjectModel(Photo) private readonly photos: typeof Photo,
    private readonly log: ChangeLog,
  ) {}

  async bringBack(line: Line, kept: readonly PositionKept[]): Promise<void> {
    for (const [place, { pick, ...position }] of kept.entries()) {
      const taken = await this.positions.count({
        where: {
          [Op.and]: [{ jobId: line.jobId }, where(fn('lower', col('tag')), position.tag.toLowerCase())],
        },
      });
      if (taken > 0)
        throw new Refusal(409, {
          code: 'conflict',
          message: `${position.tag} is now the tag of another valve, so it cannot be restored.`,
        });
      // A version never goes back: whoever still has the one from before overwrites nothing.
      const version = 1 + (position.version ?? (await this.log.countOf(position.id)));
      await this.positions.create({
        ...position,
        version,
        jobId: line.jobId,
        lineId: line.id,
        placeOnLine: UNPLACED + place,
      });
      if (pick) await this.picks.create({ ...pick, positionId: position.id });
    }
  }

  /** Removes positions that nothing was written at; a log outlives the hand that would strike it. */
  async letGo(ids: readonly string[]): Promise<PositionKept[]> {
    if (ids.length === 0) return [];
    // Held before they are looked at: nobody can write an entry at them meanwhile.
    await this.positions.findAll({ where: { id: ids }, lock: true });
    const written =
      (await this.entries.findOne({ where: { positionId: [...ids] } })) ??
      (await this.photos.findOne({
        where: { positionId: [...ids] },
        attributes: ['positionId'],
      }));
    if (written) {
      const { tag } = await this.positions.findByPk(written.positionId, { rejectOnEmpty: true });
      throw new Refusal(409, {
        code: 'conflict',
        message: `${tag} has log entries, so it cannot be removed. Add an entry instead, saying that the valve is gone.`,
      });
    }
    const kept = await this.kept(ids);
    await this.positions.destroy({ where: { id: ids } });
    return kept;
  }

  async kept(ids: readonly string[]): Promise<PositionKept[]> {
    const rows = await this.positions.findAll({ where: { id: ids }, include: [Pick] });
    return rows.map((row) => ({
      id: row.id,
      tag: row.tag,
      remarks: row.remarks,
      duty: row.duty,
      hookUp: row.hookUp,
      condition: row.condition,
      longitude: row.longitude,
      latitude: row.latitude,
      version: row.version,
      changedBy: row.changedBy,
      lastChange: row.lastChange,
      pick: row.pick && signedPick(row.pick),
    }));
  }

  /** Numbers the positions as the water goes. */
  async place(lineId: string, ids: readonly string[]): Promise<void> {
    if (ids.length === 0) return;
    await this.sequelize.query(
      `UPDATE positions p SET place_on_line = o.place - 1
       FROM unnest(ARRAY[:ids]::uuid[]) WITH ORDINALITY AS o(id, place)
       WHERE p.id = o.id AND p.line_id = :lineId AND p.company_id = :companyId AND p.place_on_line <> o.place - 1`,
      {
        type: QueryTypes.UPDATE,
        replacements: { ids: [...ids], lineId, companyId: currentCompanyId() },
      },
    );
  }
}
