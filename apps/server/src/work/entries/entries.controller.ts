import { EntriesRequest, type EntriesView, EntryRequest, type EntryView } from '@grevik/contracts';
import { Body, Controller, HttpCode, HttpStatus, Param, Post, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { EntriesService } from './entries.service.js';

@Controller('api')
export class EntriesController {
  constructor(private readonly entries: EntriesService) {}

  @ApiOperation({
    summary: 'Adds a fact from the field: 201 the first time, 200 when the same is sent again.',
  })
  @May('record')
  @Post('positions/:id/entries')
  async add(
    @Param('id', IdPipe) positionId: string,
    @Body() request: EntryRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<EntryView> {
    const { entry, isNew } = await this.entries.add(positionId, request);
    response.status(isNew ? HttpStatus.CREATED : HttpStatus.OK);
    return entry;
  }

  @ApiOperation({
    summary: 'Adds facts that waited on a device, in their order: each is stored or refused by itself.',
  })
  @May('record')
  @Post('entries')
  @HttpCode(200)
  async addAll(@Body() { entries }: EntriesRequest): Promise<EntriesView> {
    const added = await this.entries.addAll(entries);
    return {
      results: added.map((one, at) => ({
        id: entries[at]?.entry.id ?? '',
        refusal: 'refusal' in one ? one.refusal.message : null,
      })),
    };
  }
}
