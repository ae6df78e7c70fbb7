import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModule } from '../catalogue/catalogue.module.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { Line } from './line.model.js';
import { LinesController } from './lines.controller.js';
import { LinesService } from './lines.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Line, Position, Pick]), CatalogueModule],
  controllers: [LinesController],
  providers: [LinesService],
})
export class LinesModule {}
