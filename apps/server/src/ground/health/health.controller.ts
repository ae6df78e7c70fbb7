import { Controller, Get } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { Anyone } from '../access/may.js';
import { Readiness } from './readiness.service.js';

@Controller('api/health')
export class HealthController {
  constructor(private readonly readiness: Readiness) {}

  @ApiOperation({ summary: 'Answers only when the server can work: the same as ready.' })
  @Anyone()
  @Get()
  show(): Promise<{ status: 'ok' }> {
    return this.ready();
  }

  @ApiOperation({ summary: 'Answers as long as the process runs: where it does not, start it again.' })
  @Anyone()
  @Get('alive')
  alive(): { status: 'ok' } {
    return { status: 'ok' };
  }

  @ApiOperation({
    summary:
      'Answers only while requests may be sent here: the database answers, and the server is not ending.',
  })
  @Anyone()
  @Get('ready')
  async ready(): Promise<{ status: 'ok' }> {
    await this.readiness.check();
    return { status: 'ok' };
  }
}
