import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HistoryModule } from '../history/history.module.js';
import { Position } from '../positions/position.model.js';
import { PositionsModule } from '../positions/positions.module.js';
import { WalkListModule } from '../walk-list/walk-list.module.js';
import { WalksModule } from '../walks/walks.module.js';
import { UndoController } from './undo.controller.js';
import { UndoService } from './undo.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([Position]),
    HistoryModule,
    PositionsModule,
    WalkListModule,
    WalksModule,
  ],
  controllers: [UndoController],
  providers: [UndoService],
})
export class UndoModule {}
