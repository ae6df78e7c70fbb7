import type { BoardView } from '@grevik/contracts';
import { Controller, Get, Param } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { type JsonText, SendsJson } from '../../ground/requests/sent.js';
import { BoardService } from './board.service.js';

@Controller('api/jobs/:id/board')
export class BoardController {
  constructor(private readonly board: BoardService) {}

  @ApiOperation({ summary: 'A job at a glance: its lines with the state of every valve, and its orders.' })
  @SendsJson()
  @May('look')
  @Get()
  show(@Param('id', IdPipe) jobId: string): Promise<JsonText<BoardView>> {
    return this.board.of(jobId);
  }
}
