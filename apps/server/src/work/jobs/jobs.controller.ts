import {
  ArchiveJobRequest,
  CreateJobRequest,
  HouseRulesRequest,
  type JobListing,
  type JobName,
  type JobView,
  type PositionSummary,
} from '@grevik/contracts';
import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
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

  @ApiOperation({ summary: 'The names of all jobs, to choose one.' })
  @May('look')
  @Get('names')
  names(): Promise<JobName[]> {
    return this.jobs.names();
  }

  @ApiOperation({ summary: 'The list of jobs: progress, what is urgent, when it was changed last.' })
  @May('look')
  @OnReplica()
  @Get('listings')
  listings(): Promise<JobListing[]> {
    return this.jobs.listings();
  }

  @ApiOperation({ summary: 'Archives a job, or restores it.' })
  @May('bring-lines')
  @Put(':id/archived')
  @HttpCode(204)
  archive(@Param('id', IdPipe) id: string, @Body() { archived }: ArchiveJobRequest): Promise<void> {
    return this.jobs.archive(id, archived);
  }

  @ApiOperation({ summary: 'One job.' })
  @May('look')
  @Get(':id')
  show(@Param('id', IdPipe) id: string): Promise<JobView> {
    return this.jobs.get(id);
  }

  @ApiOperation({ summary: 'Every position of a job in short, line by line in flow order.' })
  @May('look')
  @OnReplica()
  @Get(':id/positions')
  positions(@Param('id', IdPipe) id: string): Promise<PositionSummary[]> {
    return this.jobs.positionsOf(id);
  }

  @ApiOperation({ summary: 'Sets house rules for one job; a rule that is left out follows the company.' })
  @May('house-rules')
  @Put(':id/house-rules')
  takeOptions(
    @Param('id', IdPipe) id: string,
    @Body() { version, houseRules }: HouseRulesRequest,
  ): Promise<JobView> {
    return this.jobs.takeOptions(id, version, houseRules);
  }

  @ApiOperation({ summary: 'Creates a job.' })
  @May('bring-lines')
  @Post()
  create(@Body() { name }: CreateJobRequest): Promise<JobView> {
    return this.jobs.create(name);
  }
}
