import { Global, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ChangeLog } from './change-log.service.js';
import { Change } from './change.model.js';

/** The log of changes, which every module writes to. */
@Global()
@Module({
  imports: [SequelizeModule.forFeature([Change])],
  providers: [ChangeLog],
  exports: [ChangeLog],
})
export class HistoryModule {}
