import {
  AddLineRequest,
  EditWalkRequest,
  type JobWalkView,
  type LineView,
  type WalkEdited,
} from '@grevik/contracts';
import { Body, Controller, Get, Param, Post, Put } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { JobsService } from '../jobs/jobs.service.js';
import { LinesService } from '../lines/lines.service.js';
import { WalksService } from './walks.service.js';

@Controller('api')
export class WalksController {
  constructor(
    private readonly walks: WalksService,
    private readonly lines: LinesService,
    private readonly jobs: JobsService,
  ) {}

  @ApiOperation({ summary: 'Edits the walk of a line: replaces a number of items from a place on.' })
  @May('walk')
  @Put('lines/:id/walk')
  edit(@Param('id', IdPipe) id: string, @Body() request: EditWalkRequest): Promise<WalkEdited> {
    return this.walks.edit(id, request);
  }

  @ApiOperation({ summary: 'Creates a line, to be walked from its source.' })
  @May('walk')
  @Post('jobs/:id/lines')
  addLine(@Param('id', IdPipe) jobId: string, @Body() { name, medium }: AddLineRequest): Promise<LineView> {
    return this.lines.add(jobId, name, medium);
  }

  @ApiOperation({
    summary: 'A whole job with walks and positions: what a device stores to work without a network.',
  })
  @May('look')
  @OnReplica()
  @Get('jobs/:id/walk')
  async job(@Param('id', IdPipe) id: string): Promise<JobWalkView> {
    const { name, houseRules, lines } = await this.jobs.get(id);
    return { id, name, houseRules, lines: await Promise.all(lines.map((line) => this.lines.get(line.id))) };
  }
}
