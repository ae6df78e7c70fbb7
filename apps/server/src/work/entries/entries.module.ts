import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Company } from '../../firm/company/company.model.js';
import { OwnGatesService } from './own-gates.service.js';
import { Position } from '../positions/position.model.js';
import { EntriesController } from './entries.controller.js';
import { EntriesService } from './entries.service.js';
import { Entry } from './entry.model.js';
import { ArchivedEntries } from './archived-entries.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Entry, Position, Company])],
  controllers: [EntriesController],
  providers: [OwnGatesService, EntriesService, ArchivedEntries],
  exports: [EntriesService, ArchivedEntries],
})
export class EntriesModule {}
