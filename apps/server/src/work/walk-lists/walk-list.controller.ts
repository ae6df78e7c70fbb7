import {
  type TaskAdded,
  TakeWalkListRequest,
  WalkListRequest,
  type WalkListPreview,
  type WalkListTaken,
} from '@grevik/contracts';
import { Body, Controller, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { BackgroundWalkLists } from './background-walk-lists.service.js';
import { WalkListService } from './walk-list.service.js';

@Controller('api/jobs/:id/walk-list')
export class WalkListController {
  constructor(
    private readonly walkList: WalkListService,
    private readonly background: BackgroundWalkLists,
  ) {}

  @ApiOperation({ summary: 'What importing a walk list would do, row by row. Changes nothing.' })
  @May('bring-lines')
  @Post('preview')
  @HttpCode(200)
  preview(@Param('id', IdPipe) jobId: string, @Body() { text }: WalkListRequest): Promise<WalkListPreview> {
    return this.walkList.preview(jobId, text);
  }

  @ApiOperation({ summary: 'Imports the checked rows: all of them, or none.' })
  @May('bring-lines')
  @Post()
  take(
    @Param('id', IdPipe) jobId: string,
    @Body() { text, rows }: TakeWalkListRequest,
  ): Promise<WalkListTaken> {
    return this.walkList.take(jobId, text, rows);
  }

  @ApiOperation({ summary: 'Imports the checked rows in the background: all of them, or none.' })
  @May('bring-lines')
  @Post('imports')
  @HttpCode(202)
  async askFor(
    @Param('id', IdPipe) jobId: string,
    @Body() { text, rows }: TakeWalkListRequest,
  ): Promise<TaskAdded> {
    return { taskId: await this.background.askFor(jobId, text, rows) };
  }
}
