import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Person } from '../../firm/people/person.model.js';
import { DueModule } from '../due/due.module.js';
import { Photo } from '../photos/photo.model.js';
import { CalendarAddress } from './calendar-address.model.js';
import { CalendarsService } from './calendars.service.js';
import { Round } from './round.model.js';
import { RoundVisits } from './round-visits.service.js';
import { RoundsController } from './rounds.controller.js';
import { RoundsService } from './rounds.service.js';

/** Rounds: planned visits to many valves. */
@Module({
  imports: [SequelizeModule.forFeature([Round, CalendarAddress, Person, Photo]), DueModule],
  controllers: [RoundsController],
  providers: [RoundsService, RoundVisits, CalendarsService],
  exports: [RoundsService],
})
export class RoundsModule {}
