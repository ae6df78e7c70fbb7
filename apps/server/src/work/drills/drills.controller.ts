import {
  type DrillPersonView,
  type DrillRecordView,
  DrillResultRequest,
  type DrillResultView,
  DrillSendRequest,
  type SentDrillView,
} from '@grevik/contracts';
import { Body, Controller, Get, Param, Post, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import type { Sent } from '../../ground/requests/sent.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { DrillResults } from './drill-results.service.js';
import { SentDrills } from './sent-drills.service.js';

@Controller('api/drills')
export class DrillsController {
  constructor(
    private readonly results: DrillResults,
    private readonly sent: SentDrills,
  ) {}

  @ApiOperation({ summary: 'An answer to a drill: graded here and stored in your record.' })
  @May('look')
  @Post('results')
  add(@Body() request: DrillResultRequest): Promise<DrillResultView> {
    return this.results.add(request);
  }

  @ApiOperation({ summary: 'Your record.' })
  @May('look')
  @Get('record')
  record(): Promise<DrillRecordView> {
    return this.results.mine();
  }

  @ApiOperation({ summary: 'Your record as CSV.' })
  @May('look')
  @Get('record.csv')
  async recordFile(@Res() response: Response): Promise<Sent<'text/csv'>> {
    sendCsv(response, 'my drills.csv', await this.results.file());
  }

  @ApiOperation({ summary: 'Who is ready for what, and when gas and fire drills were last passed.' })
  @May('drills')
  @OnReplica()
  @Get('people')
  people(): Promise<DrillPersonView[]> {
    return this.results.ready();
  }

  @ApiOperation({ summary: 'Everybody’s record as CSV.' })
  @May('drills')
  @OnReplica()
  @Get('people.csv')
  async peopleFile(@Res() response: Response): Promise<Sent<'text/csv'>> {
    sendCsv(response, 'drills.csv', await this.results.fileOfAll());
  }

  @ApiOperation({ summary: 'The record of a person.' })
  @May('drills')
  @Get('people/:id')
  person(@Param('id', IdPipe) id: string): Promise<DrillRecordView> {
    return this.results.of(id);
  }

  @ApiOperation({ summary: 'Drills that were sent to whoever asks, or by them.' })
  @May('look')
  @Get('sent')
  list(): Promise<SentDrillView[]> {
    return this.sent.list();
  }

  @ApiOperation({ summary: 'Sends a drill about a real position to people.' })
  @May('drills')
  @Post('sent')
  send(@Body() request: DrillSendRequest): Promise<SentDrillView> {
    return this.sent.send(request);
  }
}

function sendCsv(response: Response, name: string, text: string): void {
  response.attachment(name).type('text/csv; charset=utf-8').send(text);
}
