import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModule } from '../catalogue/catalogue.module.js';
import { CompanyModule } from '../company/company.module.js';
import { Line } from '../lines/line.model.js';
import { Pick } from './pick.model.js';
import { Position } from './position.model.js';
import { PositionsController } from './positions.controller.js';
import { PositionsService } from './positions.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Position, Pick, Line]), CatalogueModule, CompanyModule],
  controllers: [PositionsController],
  providers: [PositionsService],
})
export class PositionsModule {}
