import { ChangeLineFactsRequest, type LineView, ScheduleQuery } from '@grevik/contracts';
import { Body, Controller, Get, Param, Put, Query, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { May } from '../../ground/access/may.js';
import { CatalogueService } from '../../firm/catalogue/catalogue.service.js';
import { CompanyService } from '../../firm/company/company.service.js';
import type { Sent } from '../../ground/requests/sent.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { JobHouseRules } from '../jobs/job-house-rules.service.js';
import { LinesService } from './lines.service.js';
import { scheduleCsv } from './schedule-csv.js';

@Controller('api/lines')
export class LinesController {
  constructor(
    private readonly lines: LinesService,
    private readonly catalogue: CatalogueService,
    private readonly company: CompanyService,
    private readonly settings: JobHouseRules,
  ) {}

  @ApiOperation({ summary: 'A line with its positions, in flow order.' })
  @May('look')
  @Get(':id')
  show(@Param('id', IdPipe) id: string): Promise<LineView> {
    return this.lines.get(id);
  }

  @ApiOperation({ summary: 'Changes what holds for the whole line, on the version that was seen.' })
  @May('change-duty')
  @Put(':id/facts')
  changeFacts(
    @Param('id', IdPipe) id: string,
    @Body() { version, facts }: ChangeLineFactsRequest,
  ): Promise<LineView> {
    return this.lines.changeFacts(id, version, facts);
  }

  @ApiOperation({ summary: 'Its schedule as CSV.' })
  @May('look')
  @OnReplica()
  @Get(':id/schedule.csv')
  async schedule(
    @Param('id', IdPipe) id: string,
    @Query() { units = 'us' }: ScheduleQuery,
    @Res() response: Response,
  ): Promise<Sent<'text/csv'>> {
    const [line, models, company] = await Promise.all([
      this.lines.get(id),
      this.catalogue.list(),
      this.company.current(),
    ]);
    const csv = scheduleCsv({
      line,
      models,
      settings: await this.settings.of(line.jobId),
      currency: company.currency,
      units,
    });
    response.attachment(`${line.name} schedule.csv`).type('text/csv; charset=utf-8').send(csv);
  }
}
