import { Controller, Get } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { Anyone } from '../access/may.js';
import { TROUBLE } from '../errors/database-trouble.js';
import { Refusal } from '../errors/refusal.js';
import { HealthConnection } from './health-connection.js';

@Controller('api/health')
export class HealthController {
  constructor(private readonly connection: HealthConnection) {}

  @ApiOperation({ summary: 'Answers only when the database does.' })
  @Anyone()
  @Get()
  async show(): Promise<{ status: 'ok' }> {
    await this.connection.ask().catch(() => {
      throw new Refusal(503, { code: 'unavailable', message: TROUBLE.gone });
    });
    return { status: 'ok' };
  }
}
