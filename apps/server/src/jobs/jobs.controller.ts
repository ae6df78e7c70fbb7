import { CreateJobRequest, type JobView } from '@grevik/contracts';
import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { IdPipe } from '../errors/id.pipe.js';
import { JobsService } from './jobs.service.js';

@Controller('api/jobs')
export class JobsController {
  constructor(private readonly jobs: JobsService) {}

  @Get()
  list(): Promise<JobView[]> {
    return this.jobs.list();
  }

  @Get(':id')
  show(@Param('id', IdPipe) id: string): Promise<JobView> {
    return this.jobs.get(id);
  }

  @Post()
  create(@Body() { name }: CreateJobRequest): Promise<JobView> {
    return this.jobs.create(name);
  }
}
