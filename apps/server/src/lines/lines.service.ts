import type { LineView, PositionView } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { SHOWN_WITH, positionView } from '../positions/position-view.js';
import { Position } from '../positions/position.model.js';
import { Line } from './line.model.js';

@Injectable()
export class LinesService {
  constructor(
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Position) private readonly positions: typeof Position,
  ) {}

  async get(id: string): Promise<LineView> {
    const line = await this.lines.findByPk(id);
    if (!line) throw new NotFoundException('That line is not here. Open the job again.');
    return {
      id: line.id,
      jobId: line.jobId,
      name: line.name,
      medium: line.medium,
      positions: await this.positionsOf(id),
    };
  }

  /** In the order the water goes: read by the index over company, line and place. */
  private async positionsOf(lineId: string): Promise<PositionView[]> {
    const rows = await this.positions.findAll({
      where: { lineId },
      include: SHOWN_WITH,
      order: [['placeOnLine', 'ASC']],
    });
    return rows.map(positionView);
  }
}
