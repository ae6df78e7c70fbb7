import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Person } from '../../firm/people/person.model.js';
import { EntriesModule } from '../entries/entries.module.js';
import { Job } from '../jobs/job.model.js';
import { Line } from '../lines/line.model.js';
import { OrdersModule } from '../orders/orders.module.js';
import { Photo } from '../photos/photo.model.js';
import { Position } from '../positions/position.model.js';
import { PositionsModule } from '../positions/positions.module.js';
import { OwnerAnswerRow } from './owner-answer.model.js';
import { OwnerAnswers } from './owner-answers.service.js';
import { OwnerPage } from './owner-page.model.js';
import { OwnerPages } from './owner-pages.service.js';
import { OwnerPagesController } from './owner-pages.controller.js';

/** Pages for those who own a building: what was found, what it costs, and what they decide. */
@Module({
  imports: [
    SequelizeModule.forFeature([OwnerPage, OwnerAnswerRow, Position, Line, Job, Photo, Person]),
    PositionsModule,
    OrdersModule,
    EntriesModule,
  ],
  controllers: [OwnerPagesController],
  providers: [OwnerPages, OwnerAnswers],
})
export class OwnerPagesModule {}
