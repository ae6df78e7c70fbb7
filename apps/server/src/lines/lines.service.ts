import type { LineView } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { readPositions } from '../positions/read-positions.js';
import { WalksService } from '../walks/walks.service.js';
import { Line } from './line.model.js';

@Injectable()
export class LinesService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Line) private readonly lines: typeof Line,
    private readonly walks: WalksService,
  ) {}

  async get(id: string): Promise<LineView> {
    const [line, positions] = await Promise.all([
      this.lines.findByPk(id),
      readPositions(this.sequelize, { lineId: id }),
    ]);
    if (!line) throw new NotFoundException('That line is not here. Open the job again.');
    const walk = await this.walks.beside(id, positions);
    return { id: line.id, jobId: line.jobId, name: line.name, medium: line.medium, positions, walk };
  }
}
