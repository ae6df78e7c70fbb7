import { CreateJobRequest, HouseRulesRequest, type JobView, type PositionSummary } from '@grevik/contracts';
import { Body, Controller, Get, Param, Post, Put } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { JobsService } from './jobs.service.js';

@Controller('api/jobs')
export class JobsController {
  constructor(private readonly jobs: JobsService) {}

  @ApiOperation({ summary: 'Every job, with its lines and how many positions are picked.' })
  @May('look')
  @Get()
  list(): Promise<JobView[]> {
    return this.jobs.list();
  }

  @ApiOperation({ summary: 'One job.' })
  @May('look')
  @Get(':id')
  show(@Param('id', IdPipe) id: string): Promise<JobView> {
    return this.jobs.get(id);
  }

  @ApiOperation({ summary: 'Every position of a job in short, line by line in flow order.' })
  @May('look')
  @Get(':id/positions')
  positions(@Param('id', IdPipe) id: string): Promise<PositionSummary[]> {
    return this.jobs.positionsOf(id);
  }

  @ApiOperation({ summary: 'Sets house rules for one job; a rule that is left out follows the company.' })
  @May('house-rules')
  @Put(':id/house-rules')
  takeSides(
    @Param('id', IdPipe) id: string,
    @Body() { version, houseRules }: HouseRulesRequest,
  ): Promise<JobView> {
    return this.jobs.takeSides(id, version, houseRules);
  }

  @ApiOperation({ summary: 'Creates a job.' })
  @May('bring-lines')
  @Post()
  create(@Body() { name }: CreateJobRequest): Promise<JobView> {
    return this.jobs.create(name);
  }
}
