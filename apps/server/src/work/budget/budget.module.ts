import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CatalogueModule } from '../../firm/catalogue/catalogue.module.js';
import { JobsModule } from '../jobs/jobs.module.js';
import { Job } from '../jobs/job.model.js';
import { Position } from '../positions/position.model.js';
import { Walk } from '../walks/walk.model.js';
import { BackgroundBudgets } from './background-budgets.service.js';
import { BudgetController } from './budget.controller.js';
import { Budget } from './budget.model.js';
import { BudgetService } from './budget.service.js';
import { ServedValves } from './served-valves.service.js';
import { WetPlace } from './wet-place.model.js';
import { WetPlaces } from './wet-places.service.js';

/** What replacing valves in good time costs, and what it saves. */
@Module({
  imports: [SequelizeModule.forFeature([Budget, WetPlace, Job, Position, Walk]), CatalogueModule, JobsModule],
  controllers: [BudgetController],
  providers: [BackgroundBudgets, BudgetService, ServedValves, WetPlaces],
  exports: [ServedValves],
})
export class BudgetModule {}
