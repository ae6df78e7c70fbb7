import { LiveQuery, PlaceRequest } from '@grevik/contracts';
import { Body, Controller, HttpCode, type MessageEvent, Put, Query, Req, Res, Sse } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import type { Observable } from 'rxjs';
import { SignedIn } from '../access/may.js';
import { type Acting, actingIn } from '../sessions/acting.js';
import { LiveStreams } from './live-streams.service.js';
import { PresenceService } from './presence.service.js';

@Controller('api/live')
export class LiveController {
  constructor(
    private readonly streams: LiveStreams,
    private readonly presence: PresenceService,
  ) {}

  @ApiOperation({
    summary:
      'A stream of what changes in the company, as server-sent events: `changes` with what they were and the number of the last as id, `presence` with who has the position open that one has open oneself. Goes on from `after` or Last-Event-ID.',
  })
  @SignedIn()
  @Sse()
  stream(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
    @Query() { tab, after }: LiveQuery,
  ): Observable<MessageEvent> {
    // A proxy in front passes on each event as it comes.
    response.setHeader('x-accel-buffering', 'no');
    const told = Number(request.headers['last-event-id']);
    return this.streams.open({
      acting: actingIn(request) as Acting,
      sessionId: request.sessionID,
      tab,
      after: Number.isSafeInteger(told) && told > 0 ? told : Number(after ?? 0),
    });
  }

  @ApiOperation({ summary: 'Says which position a page has open, so that others see who is there.' })
  @SignedIn()
  @Put('place')
  @HttpCode(204)
  async go(@Body() { tab, positionId }: PlaceRequest): Promise<void> {
    await this.presence.go(tab, positionId);
  }
}
