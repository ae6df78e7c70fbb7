import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { PeopleModule } from '../../firm/people/people.module.js';
import { Person } from '../../firm/people/person.model.js';
import { Position } from '../positions/position.model.js';
import { DrillResult } from './drill-result.model.js';
import { DrillResults } from './drill-results.service.js';
import { DrillsController } from './drills.controller.js';
import { SentDrill } from './sent-drill.model.js';
import { SentDrills } from './sent-drills.service.js';

/** Drills: what people practise, and who is ready for what. */
@Module({
  imports: [SequelizeModule.forFeature([DrillResult, SentDrill, Person, Position]), PeopleModule],
  controllers: [DrillsController],
  providers: [DrillResults, SentDrills],
})
export class DrillsModule {}
