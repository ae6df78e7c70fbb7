import {
  type ArchiveTaken,
  type GeoJsonTaken,
  type JobArchive,
  ImportQuery,
  type PositionsGeoJson,
  type TaskAdded,
  jobArchiveInput,
} from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Body, Controller, Get, HttpCode, Param, Post, Put, Query, Req, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { Anyone, May } from '../../ground/access/may.js';
import { ownBytes } from '../../ground/threads/own-bytes.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { BackgroundArchives } from './background-archives.service.js';
import { CoordinatesService } from './coordinates.service.js';
import { ExportJob } from './export-job.js';
import { ImportJob } from './import-job.js';

@Controller('api/archive')
export class ArchiveController {
  constructor(
    private readonly exporting: ExportJob,
    private readonly importing: ImportJob,
    private readonly coordinates: CoordinatesService,
    private readonly background: BackgroundArchives,
  ) {}

  @ApiOperation({ summary: 'The published schema of a job’s archive, JSON Schema 2020-12.' })
  @Anyone()
  @Get('schema.json')
  schema(): object {
    return {
      $schema: 'https://json-schema.org/draft/2020-12/schema',
      title: 'Grevik job archive, version 1',
      ...jobArchiveInput.schema,
    };
  }

  @ApiOperation({ summary: 'A whole job as one file: lines, walks, positions, picks, entries, photos.' })
  @May('look')
  @OnReplica()
  @Get('jobs/:id')
  async show(
    @Param('id', IdPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<JobArchive> {
    const archive = await this.exporting.archive(id);
    response.attachment(`${archive.job}.grevik.json`);
    return archive;
  }

  @ApiOperation({ summary: 'Imports a job from a file: all of it, or nothing.' })
  @May('bring-lines')
  @Post('jobs')
  take(@Req() request: Request): Promise<ArchiveTaken> {
    return this.importing.take(ownBytes(sentBytes(request)));
  }

  @ApiOperation({ summary: 'Has a whole job written as one file in the background.' })
  @May('look')
  @Post('jobs/:id/file')
  @HttpCode(202)
  async askForFile(@Param('id', IdPipe) id: string): Promise<TaskAdded> {
    return { taskId: await this.background.askForFile(id) };
  }

  @ApiOperation({ summary: 'Imports a job from a file in the background: all of it, or nothing.' })
  @May('bring-lines')
  @Post('imports')
  @HttpCode(202)
  async askForImport(@Query() { name }: ImportQuery, @Req() request: Request): Promise<TaskAdded> {
    return {
      taskId: await this.background.askForImport({
        name,
        type: 'application/json',
        content: sentBytes(request),
      }),
    };
  }

  @ApiOperation({ summary: 'Positions with coordinates as GeoJSON (RFC 7946).' })
  @May('look')
  @OnReplica()
  @Get('jobs/:id/positions.geojson')
  places(
    @Param('id', IdPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<PositionsGeoJson> {
    response.type('application/geo+json');
    return this.coordinates.out(id);
  }

  @ApiOperation({
    summary: 'Sets coordinates of positions by their tags from GeoJSON points: all of them, or none.',
  })
  @May('walk')
  @Put('jobs/:id/positions.geojson')
  @HttpCode(200)
  place(@Param('id', IdPipe) id: string, @Body() features: unknown): Promise<GeoJsonTaken> {
    return this.coordinates.take(id, features);
  }
}

function sentBytes({ body }: Request): Buffer<ArrayBuffer> {
  if (!Buffer.isBuffer(body))
    throw new InvalidInput('request', 'The request is empty: send the archive as JSON.');
  return body as Buffer<ArrayBuffer>;
}
