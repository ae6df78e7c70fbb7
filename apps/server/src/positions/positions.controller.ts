import { ChangeDutyRequest, PickRequest, type PositionView, VersionedRequest } from '@grevik/contracts';
import { Body, Controller, Delete, Param, Put } from '@nestjs/common';
import { IdPipe } from '../errors/id.pipe.js';
import { PositionsService } from './positions.service.js';

@Controller('api/positions')
export class PositionsController {
  constructor(private readonly positions: PositionsService) {}

  @Put(':id/duty')
  changeDuty(
    @Param('id', IdPipe) id: string,
    @Body() { version, duty }: ChangeDutyRequest,
  ): Promise<PositionView> {
    return this.positions.changeDuty(id, version, duty);
  }

  @Put(':id/pick')
  pick(@Param('id', IdPipe) id: string, @Body() request: PickRequest): Promise<PositionView> {
    return this.positions.pick(id, request);
  }

  @Delete(':id/pick')
  unpick(@Param('id', IdPipe) id: string, @Body() { version }: VersionedRequest): Promise<PositionView> {
    return this.positions.unpick(id, version);
  }
}
