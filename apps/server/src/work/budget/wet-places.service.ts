import type { Changed } from '@grevik/contracts';
import type { Wets } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import type { Change } from '../../ground/change-log/change.model.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { positionNotFound } from '../positions/position-not-found.js';
import { Position } from '../positions/position.model.js';
import { WetPlace } from './wet-place.model.js';

/** What gets wet where the valve of a position fails. */
@Injectable()
export class WetPlaces {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(WetPlace) private readonly places: typeof WetPlace,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly log: ChangeLog,
  ) {
    log.takesBack(['wets'], (change) => this.takeBack(change));
  }

  /** Says what gets wet; null where nobody knows it now. */
  set(positionId: string, wets: Wets | null, undoes?: string): Promise<Changed> {
    return inTransaction(this.sequelize, async () => {
      const position = await this.positions.findByPk(positionId, { lock: true });
      if (!position) throw positionNotFound();
      const before = await this.now(positionId);
      if (before === wets) return { changeId: null };
      await this.places.destroy({ where: { positionId } });
      if (wets !== null) await this.places.create({ positionId, wets });
      const { id } = await this.log.record({
        kind: 'wets',
        jobId: position.jobId,
        positionId,
        what: position.tag,
        before: { wets: before },
        after: { wets },
        ...(undoes !== undefined && { undoes }),
      });
      return { changeId: id };
    });
  }

  private async now(positionId: string): Promise<Wets | null> {
    return (await this.places.findOne({ where: { positionId } }))?.wets ?? null;
  }

  private async takeBack({ id, positionId, before, after }: Change): Promise<void> {
    const of = positionId ?? '';
    if ((await this.now(of)) !== (after as { wets: Wets | null }).wets)
      throw new Refusal(409, {
        code: 'stale',
        message: 'What gets wet there was changed in the meantime. Change it by hand.',
      });
    await this.set(of, (before as { wets: Wets | null }).wets, id);
  }
}
