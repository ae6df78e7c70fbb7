import {
  HandOverRequest,
  type HandOverView,
  ReadingRequest,
  type ReadingView,
  SamplesRequest,
  type SamplesView,
  StartUpEntryRequest,
  type StartUpFileKind,
  StartUpFileQuery,
  type StartUpView,
} from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Body, Controller, Get, HttpCode, HttpStatus, Param, Post, Query, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiQuery } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import type { Sent } from '../../ground/requests/sent.js';
import { StartUpFilesService } from './files/start-up-files.service.js';
import { ReadingsService } from './readings.service.js';
import { StartUpsService } from './start-ups.service.js';

@Controller('api/lines/:id/start-up')
export class StartUpsController {
  constructor(
    private readonly startUps: StartUpsService,
    private readonly readings: ReadingsService,
    private readonly files: StartUpFilesService,
  ) {}

  @ApiOperation({ summary: 'What was done of the start-up of a line, and its readings.' })
  @May('look')
  @Get()
  show(@Param('id', IdPipe) lineId: string): Promise<StartUpView> {
    return this.startUps.of(lineId);
  }

  @ApiOperation({
    summary: 'Adds what was done or skipped: 201 the first time, 200 when the same is sent again.',
  })
  @May('record')
  @Post('entries')
  async add(
    @Param('id', IdPipe) lineId: string,
    @Body() request: StartUpEntryRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StartUpView> {
    const { isNew } = await this.startUps.add(lineId, request);
    response.status(isNew ? HttpStatus.CREATED : HttpStatus.OK);
    return this.startUps.of(lineId);
  }

  @ApiOperation({ summary: 'Begins a reading of a hold.' })
  @May('record')
  @Post('readings')
  begin(@Param('id', IdPipe) lineId: string, @Body() request: ReadingRequest): Promise<ReadingView> {
    return this.readings.begin(lineId, request);
  }

  @ApiOperation({ summary: 'Hands the line over: every step is done or skipped, and two people sign.' })
  @May('walk')
  @Post('hand-over')
  handOver(@Param('id', IdPipe) lineId: string, @Body() request: HandOverRequest): Promise<HandOverView> {
    return this.startUps.handOver(lineId, request);
  }

  @ApiOperation({ summary: 'Everything of the start-up in one PDF, with both signatures.' })
  @May('look')
  @Get('record.pdf')
  record(
    @Param('id', IdPipe) lineId: string,
    @Query() query: StartUpFileQuery,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<Sent<'application/pdf'>> {
    return this.send('record', lineId, query, request, response);
  }

  @ApiOperation({ summary: 'Tags to print or to engrave from, each with a code that leads to its position.' })
  @May('look')
  @Get('tags.pdf')
  tags(
    @Param('id', IdPipe) lineId: string,
    @Query() query: StartUpFileQuery,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<Sent<'application/pdf'>> {
    return this.send('tags', lineId, query, request, response);
  }

  @ApiOperation({ summary: 'The valve chart for the wall.' })
  @May('look')
  @Get('valve-chart.pdf')
  chart(
    @Param('id', IdPipe) lineId: string,
    @Query() query: StartUpFileQuery,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<Sent<'application/pdf'>> {
    return this.send('valve-chart', lineId, query, request, response);
  }

  private async send(
    kind: StartUpFileKind,
    lineId: string,
    { paper = 'letter', units: system = 'us', language = 'en' }: StartUpFileQuery,
    request: Request,
    response: Response,
  ): Promise<void> {
    const origin = `${request.protocol}://${request.get('host') ?? ''}`;
    const { name, file } = await this.files.write({ kind, lineId, paper, system, language, origin });
    response.attachment(name).type('application/pdf').end(file);
  }
}

@Controller('api/readings/:id')
export class ReadingsController {
  constructor(private readonly readings: ReadingsService) {}

  @ApiOperation({ summary: 'Samples of a reading after a time, column by column.' })
  @ApiQuery({ name: 'after', required: false, description: 's; all where it is left out' })
  @May('look')
  @Get('samples')
  samples(@Param('id', IdPipe) id: string, @Query('after') after?: string): Promise<SamplesView> {
    const afterS = after === undefined ? -1e12 : Number(after);
    if (!Number.isFinite(afterS))
      throw new InvalidInput('after', `after must be a number of seconds; it is ${String(after)}.`);
    return this.readings.samplesOf(id, afterS);
  }

  @ApiOperation({ summary: 'Adds samples to a reading that runs: all of them, or none.' })
  @May('record')
  @Post('samples')
  @HttpCode(200)
  add(@Param('id', IdPipe) id: string, @Body() request: SamplesRequest): Promise<ReadingView> {
    return this.readings.add(id, request);
  }

  @ApiOperation({ summary: 'Ends a reading: it is judged on all its samples.' })
  @May('record')
  @Post('end')
  @HttpCode(200)
  end(@Param('id', IdPipe) id: string): Promise<ReadingView> {
    return this.readings.end(id);
  }
}
