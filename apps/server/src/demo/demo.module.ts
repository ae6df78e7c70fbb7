import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModelRow } from '../catalogue/catalogue-model.model.js';
import { CatalogueModule } from '../catalogue/catalogue.module.js';
import { Company } from '../company/company.model.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { FirstCompany } from './first-company.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([Company, Job, Line, Position, Pick, CatalogueModelRow]),
    CatalogueModule,
  ],
  providers: [FirstCompany],
  exports: [FirstCompany],
})
export class DemoModule {}
