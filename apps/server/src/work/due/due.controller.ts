import { type DueListView, DueQuery, IntervalRequest, type OwnIntervalView } from '@grevik/contracts';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, Query } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { DueService } from './due.service.js';
import { IntervalsService } from './intervals.service.js';

@Controller('api')
export class DueController {
  constructor(
    private readonly due: DueService,
    private readonly intervals: IntervalsService,
  ) {}

  @ApiOperation({ summary: 'What is due at the valves in service until a day, of the company or one job.' })
  @May('look')
  @OnReplica()
  @Get('due')
  list(@Query() query: DueQuery): Promise<DueListView> {
    return this.due.list(query);
  }

  @ApiOperation({ summary: 'Positions of a job at which something is overdue.' })
  @May('look')
  @OnReplica()
  @Get('jobs/:id/overdue')
  overdue(@Param('id', IdPipe) jobId: string): Promise<string[]> {
    return this.due.overdueAt(jobId);
  }

  @ApiOperation({ summary: 'Intervals that were set in place of the usual ones.' })
  @May('look')
  @Get('intervals')
  set(): Promise<OwnIntervalView[]> {
    return this.intervals.list();
  }

  @ApiOperation({
    summary:
      'Sets how often a task is done, for the company, a job or a position; without “every” it is not done at all.',
  })
  @May('house-rules')
  @Put('intervals')
  async change(@Body() request: IntervalRequest): Promise<OwnIntervalView[]> {
    await this.intervals.set(request);
    return this.intervals.list();
  }

  @ApiOperation({ summary: 'Removes an interval that was set.' })
  @May('house-rules')
  @Delete('intervals/:id')
  @HttpCode(204)
  remove(@Param('id', IdPipe) id: string): Promise<void> {
    return this.intervals.remove(id);
  }
}
