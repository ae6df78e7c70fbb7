import {
  type Changed,
  LevelsQuery,
  LevelsRequest,
  type LevelsStretch,
  type LevelsView,
  StationRequest,
  type StationView,
} from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Body, Controller, Get, HttpCode, Param, Post, Put, Query, Req } from '@nestjs/common';
import { ApiBearerAuth, ApiOperation } from '@nestjs/swagger';
import type { Request } from 'express';
import { Anyone, May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { DeviceClock } from '../devices/device-clock.service.js';
import { reportingDevice } from '../devices/reporting-device.js';
import { StationsService } from './stations.service.js';

@Controller('api')
export class StationsController {
  constructor(
    private readonly stations: StationsService,
    private readonly clock: DeviceClock,
  ) {}

  @ApiOperation({
    summary: 'The pump station of a check: its recorder, its level now, and what the log says of the check.',
  })
  @May('look')
  @Get('positions/:id/station')
  show(@Param('id', IdPipe) id: string): Promise<StationView> {
    return this.stations.of(id);
  }

  @ApiOperation({
    summary: 'Puts a level recorder at the station of a check, or changes what is known of the station.',
  })
  @May('devices')
  @Put('positions/:id/station')
  change(@Param('id', IdPipe) id: string, @Body() request: StationRequest): Promise<Changed> {
    return this.stations.change(id, request);
  }

  @ApiOperation({ summary: 'Levels of a stretch, thinned without losing the highest and the lowest.' })
  @May('look')
  @Get('positions/:id/station/levels')
  levels(@Param('id', IdPipe) id: string, @Query() query: LevelsQuery): Promise<LevelsStretch> {
    return this.stations.stretch(id, query);
  }

  @ApiOperation({
    summary:
      'A level recorder reports, with its key as “Authorization: Bearer KEY”. At most 3,600 levels at once, and 180 reports a minute. Sent again, levels are stored once.',
  })
  @ApiBearerAuth()
  @Anyone()
  @Post('devices/levels')
  @HttpCode(200)
  report(@Req() request: Request, @Body() { sentAt, levels }: LevelsRequest): Promise<LevelsView> {
    const device = reportingDevice(request);
    if (device.kind !== 'recorder')
      throw new InvalidInput(
        'authorization',
        `This key is of a ${device.kind}, and levels are of a recorder: send what it reads to /api/devices/samples.`,
      );
    return this.clock.reported(device, { sentAt, samples: levels }, 'levels', () =>
      this.stations.report(device.id, levels),
    );
  }
}
