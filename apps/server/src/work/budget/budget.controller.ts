import {
  BudgetFileRequest,
  BudgetQuery,
  BudgetRequest,
  type BudgetView,
  type Changed,
  type LifeBasisView,
  type TaskAdded,
  WetsRequest,
} from '@grevik/contracts';
import { Body, Controller, Get, HttpCode, Param, Post, Put, Query, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import type { Sent } from '../../ground/requests/sent.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { BackgroundBudgets } from './background-budgets.service.js';
import { BudgetService } from './budget.service.js';
import { WetPlaces } from './wet-places.service.js';

@Controller('api')
export class BudgetController {
  constructor(
    private readonly budgets: BudgetService,
    private readonly places: WetPlaces,
    private readonly background: BackgroundBudgets,
  ) {}

  @ApiOperation({
    summary:
      'What a budget of replacements is worked out from: settings, valves in service with age, life and what their failure does.',
  })
  @May('look')
  @OnReplica()
  @Get('budget')
  show(@Query() { jobId }: BudgetQuery): Promise<BudgetView> {
    return this.budgets.of(jobId);
  }

  @ApiOperation({ summary: 'Changes what a budget rests on, and what was moved to another year by hand.' })
  @May('order')
  @Put('budget')
  change(@Body() request: BudgetRequest): Promise<Changed> {
    return this.budgets.change(request);
  }

  @ApiOperation({ summary: 'The budget as a sheet.' })
  @May('look')
  @OnReplica()
  @Get('budget.xlsx')
  async sheet(
    @Query() { jobId }: BudgetQuery,
    @Res() response: Response,
  ): Promise<Sent<'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'>> {
    const { name, file } = await this.budgets.file(jobId, 'xlsx', 'en');
    response.attachment(name).send(Buffer.from(file));
  }

  @ApiOperation({ summary: 'The budget as a PDF to be signed.' })
  @May('look')
  @OnReplica()
  @Get('budget.pdf')
  async print(@Query() { jobId }: BudgetQuery, @Res() response: Response): Promise<Sent<'application/pdf'>> {
    const { name, file } = await this.budgets.file(jobId, 'pdf', 'en');
    response.attachment(name).send(Buffer.from(file));
  }

  @ApiOperation({ summary: 'Has the budget written as a file in the background.' })
  @May('look')
  @Post('budget/file')
  @HttpCode(202)
  async askForFile(@Body() { jobId, format, language = 'en' }: BudgetFileRequest): Promise<TaskAdded> {
    return { taskId: await this.background.ask(jobId, format, language) };
  }

  @ApiOperation({
    summary:
      'What the lives of valves at a position are worked out from: what the company saw, what gets wet, and the valve in service there.',
  })
  @May('look')
  @OnReplica()
  @Get('positions/:id/life')
  life(@Param('id', IdPipe) id: string): Promise<LifeBasisView> {
    return this.budgets.lifeAt(id);
  }

  @ApiOperation({
    summary: 'Says what gets wet where the valve of a position fails; without “wets” nobody knows.',
  })
  @May('walk')
  @Put('positions/:id/wets')
  wets(@Param('id', IdPipe) id: string, @Body() { wets }: WetsRequest): Promise<Changed> {
    return this.places.set(id, wets ?? null);
  }
}
