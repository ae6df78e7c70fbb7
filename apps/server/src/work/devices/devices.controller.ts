import {
  DeviceRequest,
  DeviceSamplesRequest,
  type DeviceSamplesView,
  type DeviceView,
  type NewDeviceView,
} from '@grevik/contracts';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Req } from '@nestjs/common';
import { ApiBearerAuth, ApiOperation } from '@nestjs/swagger';
import type { Request } from 'express';
import { Anyone, May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { ReadingsService } from '../start-ups/readings.service.js';
import { DeviceClock } from './device-clock.service.js';
import { DevicesService } from './devices.service.js';
import { reportingDevice } from './reporting-device.js';

@Controller('api/devices')
export class DevicesController {
  constructor(
    private readonly devices: DevicesService,
    private readonly clock: DeviceClock,
    private readonly readings: ReadingsService,
  ) {}

  @ApiOperation({ summary: 'Loggers, counters and recorders of the company, with what they read last.' })
  @May('look')
  @Get()
  list(): Promise<DeviceView[]> {
    return this.devices.list();
  }

  @ApiOperation({ summary: 'Registers a device. Its key is in this answer and nowhere else.' })
  @May('devices')
  @Post()
  add(@Body() request: DeviceRequest): Promise<NewDeviceView> {
    return this.devices.add(request);
  }

  @ApiOperation({ summary: 'Gives a device another key: the one before stops working.' })
  @May('devices')
  @Post(':id/key')
  newKey(@Param('id', IdPipe) id: string): Promise<NewDeviceView> {
    return this.devices.newKey(id);
  }

  @ApiOperation({ summary: 'Removes a device: its key stops working. What it read stays.' })
  @May('devices')
  @Delete(':id')
  @HttpCode(204)
  remove(@Param('id', IdPipe) id: string): Promise<void> {
    return this.devices.remove(id);
  }

  @ApiOperation({
    summary:
      'A device reports what it read, with its key as “Authorization: Bearer KEY”. At most 3,600 samples at once, and 180 reports a minute. Sent again, samples are stored once.',
  })
  @ApiBearerAuth()
  @Anyone()
  @Post('samples')
  @HttpCode(200)
  report(@Req() request: Request, @Body() report: DeviceSamplesRequest): Promise<DeviceSamplesView> {
    const device = reportingDevice(request);
    return this.clock.reported(device, report, 'samples', () =>
      this.readings.report(device.id, report.samples),
    );
  }
}
