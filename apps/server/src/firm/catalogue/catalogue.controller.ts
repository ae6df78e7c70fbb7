import {
  AddModelRequest,
  type CatalogueFormat,
  CatalogueListRequest,
  type CatalogueListPreview,
  ChangeModelRequest,
  type ModelView,
  RetireModelRequest,
  type TaskAdded,
  TakeCatalogueListRequest,
} from '@grevik/contracts';
import type { CatalogueModel } from '@grevik/core';
import { Body, Controller, Get, HttpCode, Param, Post, Put, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { May } from '../../ground/access/may.js';
import type { Sent } from '../../ground/requests/sent.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { BackgroundLists } from './background-lists.service.js';
import { CatalogueListService } from './catalogue-list.service.js';
import { CatalogueService } from './catalogue.service.js';

@Controller('api/catalogue')
export class CatalogueController {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly lists: CatalogueListService,
    private readonly background: BackgroundLists,
  ) {}

  @ApiOperation({ summary: 'The models of the company, including retired ones.' })
  @May('look')
  @Get()
  list(): Promise<ModelView[]> {
    return this.catalogue.list();
  }

  @ApiOperation({ summary: 'The catalogue as a sheet, a row for each size of each model.' })
  @May('look')
  @Get('catalogue.csv')
  sheet(@Res() response: Response): Promise<Sent<'text/csv'>> {
    return this.send('csv', response);
  }

  @ApiOperation({ summary: 'The catalogue as JSON.' })
  @May('look')
  @Get('catalogue.json')
  json(@Res() response: Response): Promise<Sent<CatalogueModel[]>> {
    return this.send('json', response);
  }

  @ApiOperation({ summary: 'What importing a list of models would do, row by row. Changes nothing.' })
  @May('catalogue')
  @Post('list/preview')
  @HttpCode(200)
  preview(@Body() { format, text }: CatalogueListRequest): Promise<CatalogueListPreview> {
    return this.lists.preview(format, text);
  }

  @ApiOperation({ summary: 'Imports a checked list: adds what is new, changes what differs.' })
  @May('catalogue')
  @Post('list')
  @HttpCode(200)
  take(@Body() { format, text, adds, changes }: TakeCatalogueListRequest): Promise<CatalogueListPreview> {
    return this.lists.take(format, text, { adds, changes });
  }

  @ApiOperation({ summary: 'Imports a checked list in the background: all of it, or nothing.' })
  @May('catalogue')
  @Post('list/imports')
  @HttpCode(202)
  async askFor(@Body() { text, ...given }: TakeCatalogueListRequest): Promise<TaskAdded> {
    return { taskId: await this.background.askFor(text, given) };
  }

  @ApiOperation({ summary: 'Adds a model.' })
  @May('catalogue')
  @Post()
  add(@Body() { model }: AddModelRequest): Promise<ModelView> {
    return this.catalogue.addOne(model);
  }

  @ApiOperation({ summary: 'Changes a model.' })
  @May('catalogue')
  @Put(':id')
  change(
    @Param('id', IdPipe) id: string,
    @Body() { version, model }: ChangeModelRequest,
  ): Promise<ModelView> {
    return this.catalogue.change(id, version, model);
  }

  @ApiOperation({ summary: 'Retires a model, or restores it.' })
  @May('catalogue')
  @Put(':id/retired')
  retire(
    @Param('id', IdPipe) id: string,
    @Body() { version, retired }: RetireModelRequest,
  ): Promise<ModelView> {
    return this.catalogue.retire(id, version, retired);
  }

  private async send(format: CatalogueFormat, response: Response): Promise<void> {
    const type = format === 'csv' ? 'text/csv; charset=utf-8' : 'application/json; charset=utf-8';
    response
      .attachment(`catalogue.${format}`)
      .type(type)
      .send(await this.lists.write(format));
  }
}
