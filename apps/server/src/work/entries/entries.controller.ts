import { EntryRequest, type EntryView } from '@grevik/contracts';
import { Body, Controller, HttpStatus, Param, Post, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { EntriesService } from './entries.service.js';

@Controller('api/positions/:id/entries')
export class EntriesController {
  constructor(private readonly entries: EntriesService) {}

  @ApiOperation({
    summary: 'Adds a fact from the field: 201 the first time, 200 when the same is sent again.',
  })
  @May('record')
  @Post()
  async add(
    @Param('id', IdPipe) positionId: string,
    @Body() request: EntryRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<EntryView> {
    const { entry, isNew } = await this.entries.add(positionId, request);
    response.status(isNew ? HttpStatus.CREATED : HttpStatus.OK);
    return entry;
  }
}
