import type { PickRequest, PositionView } from '@grevik/contracts';
import {
  type Duty,
  InvalidInput,
  type PositionDuty,
  formatNominalSize,
  houseSides,
  judgePick,
  modelWords,
} from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueService } from '../catalogue/catalogue.service.js';
import { CompanyService } from '../company/company.service.js';
import { Refusal } from '../errors/refusal.js';
import { Line } from '../lines/line.model.js';
import { Pick } from './pick.model.js';
import { positionView } from './position-view.js';
import { Position } from './position.model.js';

@Injectable()
export class PositionsService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Position) private readonly positions: typeof Position,
    @InjectModel(Pick) private readonly picks: typeof Pick,
    @InjectModel(Line) private readonly lines: typeof Line,
    private readonly catalogue: CatalogueService,
    private readonly company: CompanyService,
  ) {}

  changeDuty(id: string, version: number, duty: PositionDuty): Promise<PositionView> {
    return this.change(id, version, async (position, transaction) => {
      await position.update({ duty }, { transaction });
    });
  }

  pick(id: string, { version, modelId, reason }: PickRequest): Promise<PositionView> {
    return this.change(id, version, async (position, transaction) => {
      const verdict = await this.defensible(position, modelId);
      await this.picks.destroy({ where: { positionId: id }, transaction });
      await this.picks.create({ positionId: id, modelId, reason: reason.trim(), verdict }, { transaction });
    });
  }

  unpick(id: string, version: number): Promise<PositionView> {
    return this.change(id, version, async (_position, transaction) => {
      await this.picks.destroy({ where: { positionId: id }, transaction });
    });
  }

  /** Judges a model for a position. What is ruled out can not be picked. */
  private async defensible(position: Position, modelId: string): Promise<'fits' | 'care'> {
    const [model, line, company] = await Promise.all([
      this.catalogue.get(modelId),
      this.lines.findByPk(position.lineId, { rejectOnEmpty: true }),
      this.company.current(),
    ]);
    const duty: Duty = { ...position.duty, medium: line.medium };
    const { size, verdict, reasons } = judgePick(duty, model, houseSides(company.houseRules));
    if (!size)
      throw new InvalidInput(
        'modelId',
        `${modelWords(model).from} is not made in ${formatNominalSize(duty.dn, 'us')} (DN${duty.dn}).`,
      );
    if (verdict === 'out') {
      const why = reasons.filter((reason) => reason.verdict === 'out').map(({ text }) => text);
      throw new Refusal(422, {
        code: 'ruled-out',
        field: 'modelId',
        message: `${modelWords(model).from} is ruled out here. ${why.join(' ')}`,
      });
    }
    return verdict;
  }

  /** One transaction a change: the version seen is the version changed, and it goes up by one. */
  private change(
    id: string,
    version: number,
    work: (position: Position, transaction: Transaction) => Promise<void>,
  ): Promise<PositionView> {
    return this.sequelize.transaction(async (transaction) => {
      const position = await this.positions.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
      if (!position) throw new NotFoundException('That position is not here. Open the line again.');
      if (position.version !== version) {
        const current = await this.view(id, transaction);
        throw new Refusal(409, {
          code: 'stale',
          field: 'version',
          message: `${position.tag} was changed meanwhile. Look at it as it is now, and make your change again.`,
          current,
        });
      }
      await work(position, transaction);
      await position.update({ version: version + 1 }, { transaction });
      return this.view(id, transaction);
    });
  }

  private async view(id: string, transaction: Transaction): Promise<PositionView> {
    return positionView(
      await this.positions.findByPk(id, { include: [Pick], transaction, rejectOnEmpty: true }),
    );
  }
}
