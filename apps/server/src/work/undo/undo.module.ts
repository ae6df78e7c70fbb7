import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Position } from '../positions/position.model.js';
import { UndoController } from './undo.controller.js';
import { UndoService } from './undo.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Position])],
  controllers: [UndoController],
  providers: [UndoService],
})
export class UndoModule {}
