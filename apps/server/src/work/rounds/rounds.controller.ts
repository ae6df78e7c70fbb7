import {
  type CalendarAddressView,
  RoundChangeRequest,
  type RoundListing,
  RoundRequest,
  type RoundView,
} from '@grevik/contracts';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Req, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { Anyone, May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import type { Sent } from '../../ground/requests/sent.js';
import { CalendarsService } from './calendars.service.js';
import { RoundsService } from './rounds.service.js';

const ICALENDAR = 'text/calendar; charset=utf-8';
const addressOf = (request: Request): string => `${request.protocol}://${request.get('host') ?? 'localhost'}`;

@Controller('api')
export class RoundsController {
  constructor(
    private readonly rounds: RoundsService,
    private readonly calendars: CalendarsService,
  ) {}

  @ApiOperation({ summary: 'Rounds with how far each is.' })
  @May('look')
  @Get('rounds')
  list(): Promise<RoundListing[]> {
    return this.rounds.list();
  }

  @ApiOperation({ summary: 'Makes a round of what is due on some jobs, in walking order.' })
  @May('rounds')
  @Post('rounds')
  add(@Body() request: RoundRequest): Promise<RoundView> {
    return this.rounds.add(request);
  }

  @ApiOperation({ summary: 'A round with its stops, each with what one needs there.' })
  @May('look')
  @Get('rounds/:id')
  one(@Param('id', IdPipe) id: string): Promise<RoundView> {
    return this.rounds.one(id);
  }

  @ApiOperation({ summary: 'Changes name, days, person or order of a round.' })
  @May('rounds')
  @Put('rounds/:id')
  change(@Param('id', IdPipe) id: string, @Body() request: RoundChangeRequest): Promise<RoundView> {
    return this.rounds.change(id, request);
  }

  @ApiOperation({ summary: 'A round as iCalendar: an event for each of its days.' })
  @May('look')
  @Get('rounds/:id/round.ics')
  async file(
    @Param('id', IdPipe) id: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<Sent<'text/calendar'>> {
    const text = await this.calendars.ofRound(id, addressOf(request));
    response.attachment('round.ics').type(ICALENDAR).send(text);
  }

  @ApiOperation({ summary: 'Whether the asker has a calendar address.' })
  @May('look')
  @Get('calendar')
  async hasAddress(): Promise<{ hasAddress: boolean }> {
    return { hasAddress: await this.calendars.hasAddress() };
  }

  @ApiOperation({
    summary: 'A secret address to subscribe to the asker’s rounds: it is in this answer and nowhere else.',
  })
  @May('look')
  @Post('calendar')
  newAddress(): Promise<CalendarAddressView> {
    return this.calendars.newAddress();
  }

  @ApiOperation({ summary: 'Withdraws the asker’s calendar address.' })
  @May('look')
  @Delete('calendar')
  @HttpCode(204)
  withdraw(): Promise<void> {
    return this.calendars.withdraw();
  }

  @ApiOperation({ summary: 'The rounds of whoever made this address, as iCalendar.' })
  @Anyone()
  @Get('calendar/:key.ics')
  async calendar(
    @Param('key') key: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<Sent<'text/calendar'>> {
    const text = await this.calendars.ofKey(key, addressOf(request));
    response.type(ICALENDAR).send(text);
  }
}
