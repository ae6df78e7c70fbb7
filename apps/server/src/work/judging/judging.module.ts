import { Module } from '@nestjs/common';
import { BoardModule } from '../board/board.module.js';
import { BudgetModule } from '../budget/budget.module.js';
import { JudgeJobs } from './judge-jobs.service.js';

/** Whole jobs judged anew, by the queue. */
@Module({ imports: [BoardModule, BudgetModule], providers: [JudgeJobs] })
export class JudgingModule {}
