import {
  HISTORY_PAGE,
  ChangeDutyRequest,
  ChangeHookUpRequest,
  HistoryQuery,
  type HistoryView,
  NameRequest,
  PickManyRequest,
  PickRequest,
  type PositionChangeView,
  type PositionView,
  VersionedRequest,
} from '@grevik/contracts';
import { Body, Controller, Delete, Get, Param, Put, Query } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { EntriesService } from '../entries/entries.service.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { PositionsService } from './positions.service.js';
import { withoutGaps } from './without-gaps.js';

@Controller('api/jobs/:id/picks')
export class PicksController {
  constructor(private readonly positions: PositionsService) {}

  @ApiOperation({
    summary: 'Picks one model for many positions, each judged on its own duty: all of them, or none.',
  })
  @May('pick')
  @Put()
  pick(@Param('id', IdPipe) jobId: string, @Body() request: PickManyRequest): Promise<PositionView[]> {
    return this.positions.pickMany(jobId, request);
  }
}

@Controller('api/positions')
export class PositionsController {
  constructor(
    private readonly positions: PositionsService,
    private readonly log: ChangeLog,
    private readonly entries: EntriesService,
  ) {}

  @ApiOperation({ summary: 'Changes the duty of a position.' })
  @May('change-duty')
  @Put(':id/duty')
  changeDuty(
    @Param('id', IdPipe) id: string,
    @Body() { version, duty }: ChangeDutyRequest,
  ): Promise<PositionView> {
    return this.positions.changeDuty(id, version, duty);
  }

  @ApiOperation({ summary: 'Changes the tag or the location of a position.' })
  @May('walk')
  @Put(':id/name')
  name(@Param('id', IdPipe) id: string, @Body() request: NameRequest): Promise<PositionView> {
    return this.positions.name(id, request);
  }

  @ApiOperation({ summary: 'Changes the hook-up of a position.' })
  @May('pick')
  @Put(':id/hook-up')
  settleHookUp(
    @Param('id', IdPipe) id: string,
    @Body() { version, hookUp }: ChangeHookUpRequest,
  ): Promise<PositionView> {
    return this.positions.settleHookUp(id, version, hookUp);
  }

  @ApiOperation({ summary: 'Picks a model of the catalogue, with the reason.' })
  @May('pick')
  @Put(':id/pick')
  pick(@Param('id', IdPipe) id: string, @Body() request: PickRequest): Promise<PositionView> {
    return this.positions.pick(id, request);
  }

  @ApiOperation({ summary: 'Removes the pick.' })
  @May('pick')
  @Delete(':id/pick')
  unpick(@Param('id', IdPipe) id: string, @Body() { version }: VersionedRequest): Promise<PositionView> {
    return this.positions.unpick(id, version);
  }

  @ApiOperation({ summary: 'Changes and entries of a position, newest first: at most so many of each.' })
  @May('look')
  @OnReplica()
  @Get(':id/history')
  async history(
    @Param('id', IdPipe) id: string,
    @Query() { most = HISTORY_PAGE }: HistoryQuery,
  ): Promise<HistoryView<PositionChangeView>> {
    const [changes, entries] = await Promise.all([
      this.log.ofPosition(id, most + 1),
      this.entries.ofPosition(id, most + 1),
    ]);
    if (changes.length + entries.length === 0) await this.positions.require(id);
    return withoutGaps(changes, entries, most);
  }
}
