import type { SamplesView, StartUpFileKind } from '@grevik/contracts';
import { keepExtremes, startedLineOf } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { CatalogueService } from '../../../firm/catalogue/catalogue.service.js';
import { CompanyService } from '../../../firm/company/company.service.js';
import { currentCompanyId } from '../../../ground/database/company-scope.js';
import { WorkThreads } from '../../../ground/threads/work-threads.service.js';
import { JobHouseRules } from '../../jobs/job-house-rules.service.js';
import { Job } from '../../jobs/job.model.js';
import { lineNotFound } from '../../lines/line-not-found.js';
import { Line } from '../../lines/line.model.js';
import { readPositions } from '../../positions/read-positions.js';
import { WalksService } from '../../walks/walks.service.js';
import { SamplesService } from '../samples.service.js';
import { StartUpsService } from '../start-ups.service.js';
import type { PrintedReading, StartUpFile } from './start-up-file.js';

/** Points that a printed chart shows. */
const MOST_POINTS = 600;
const MOST_MS = 60_000;

/** What is asked for. */
export interface AskedFile extends Pick<StartUpFile, 'kind' | 'paper' | 'system' | 'language'> {
  lineId: string;
  /** Where this server is reached: codes on tags lead there. */
  origin: string;
}

/** Files of a start-up: the record, the tag sheet and the valve chart. */
@Injectable()
export class StartUpFilesService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Line) private readonly lines: typeof Line,
    @InjectModel(Job) private readonly jobs: typeof Job,
    private readonly startUps: StartUpsService,
    private readonly samples: SamplesService,
    private readonly catalogue: CatalogueService,
    private readonly company: CompanyService,
    private readonly houseRules: JobHouseRules,
    private readonly walks: WalksService,
    private readonly threads: WorkThreads,
  ) {}

  async write({
    lineId,
    origin,
    kind,
    paper,
    system,
    language,
  }: AskedFile): Promise<{ name: string; file: Uint8Array }> {
    const line = await this.lines.findByPk(lineId);
    if (!line) throw lineNotFound();
    const job = await this.jobs.findByPk(line.jobId, { rejectOnEmpty: true });
    const view = await this.startUps.of(lineId);
    const items = (await this.walks.of(lineId))?.items ?? [];
    const positions = await readPositions(this.sequelize, lineId, { facts: line.facts, items });
    const file: StartUpFile = {
      kind,
      paper,
      system,
      language,
      at: new Date().toISOString(),
      companyName: (await this.company.current()).name,
      houseRules: await this.houseRules.of(job.id),
      jobName: job.name,
      lineName: line.name,
      lineAddress: `${origin}/jobs/${job.id}/lines/${lineId}`,
      line: startedLineOf({ medium: line.medium, positions, items }, await this.catalogue.list()),
      entries: view.entries,
      readings: kind === 'record' ? await this.printed(view.readings) : [],
      handedOver: view.handedOver,
    };
    const budget = {
      sender: currentCompanyId(),
      mostMs: MOST_MS,
      insteadOfLong: 'Divide the line into shorter ones.',
    };
    return {
      name: `${line.name} ${NAMES[kind]}.pdf`,
      file: await this.threads.run('writeStartUpFile', { file: JSON.stringify(file) }, budget),
    };
  }

  private async printed(readings: readonly Omit<PrintedReading, 'drawn'>[]): Promise<PrintedReading[]> {
    const printed: PrintedReading[] = [];
    for (const reading of readings)
      printed.push({
        ...reading,
        drawn: fewer(await this.samples.after(reading.id, -1e12)),
      } as PrintedReading);
    return printed;
  }
}

const NAMES: Record<StartUpFileKind, string> = {
  record: 'start-up record',
  tags: 'tags',
  'valve-chart': 'valve chart',
};

/** As many samples as a chart shows, without losing a spike. */
function fewer(all: SamplesView): SamplesView {
  const kept = keepExtremes(all.pressurePa, MOST_POINTS);
  const of = <T>(column: readonly T[]): T[] => kept.map((at) => column[at] as T);
  return {
    timeS: of(all.timeS),
    pressurePa: of(all.pressurePa),
    temperatureC: of(all.temperatureC),
    inletPa: of(all.inletPa),
    flowM3s: of(all.flowM3s),
  };
}
