import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { BackgroundLists } from './background-lists.service.js';
import { CatalogueModelRow } from './catalogue-model.model.js';
import { CatalogueSize } from './catalogue-size.model.js';
import { CatalogueListService } from './catalogue-list.service.js';
import { CatalogueController } from './catalogue.controller.js';
import { CatalogueService } from './catalogue.service.js';

@Module({
  imports: [SequelizeModule.forFeature([CatalogueModelRow, CatalogueSize])],
  controllers: [CatalogueController],
  providers: [BackgroundLists, CatalogueService, CatalogueListService],
  exports: [CatalogueService],
})
export class CatalogueModule {}
