import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Entry } from '../entries/entry.model.js';
import { Line } from '../lines/line.model.js';
import { Photo } from '../photos/photo.model.js';
import { Pick } from '../positions/pick.model.js';
import { Position } from '../positions/position.model.js';
import { Walk } from './walk.model.js';
import { WalkPositions } from './walk-positions.service.js';
import { WalksService } from './walks.service.js';
import { ArchivedWalks } from './archived-walks.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Walk, Line, Position, Pick, Entry, Photo])],
  providers: [WalksService, WalkPositions, ArchivedWalks],
  exports: [WalksService, ArchivedWalks],
})
export class WalksModule {}
