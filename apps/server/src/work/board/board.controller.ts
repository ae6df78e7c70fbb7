import type { BoardView, JobOutlookView } from '@grevik/contracts';
import { Controller, Get, Param } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { type JsonText, SendsJson } from '../../ground/requests/sent.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { BoardService } from './board.service.js';
import { JobOutlookService } from './job-outlook.service.js';

@Controller('api/jobs/:id')
export class BoardController {
  constructor(
    private readonly board: BoardService,
    private readonly outlook: JobOutlookService,
  ) {}

  @ApiOperation({ summary: 'A job at a glance: its lines with the state of every valve, and its orders.' })
  @SendsJson()
  @May('look')
  @OnReplica()
  @Get('board')
  show(@Param('id', IdPipe) jobId: string): Promise<JsonText<BoardView>> {
    return this.board.of(jobId);
  }

  @ApiOperation({
    summary:
      'What to ask first on a job: facts that could move most picks first, and picks their duty has outgrown.',
  })
  @May('look')
  @OnReplica()
  @Get('outlook')
  ask(@Param('id', IdPipe) jobId: string): Promise<JobOutlookView> {
    return this.outlook.of(jobId);
  }
}
