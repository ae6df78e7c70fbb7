import { Controller, Get } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { Anyone } from '../access/may.js';
import { HealthConnection } from './health-connection.js';

@Controller('api/health')
export class HealthController {
  constructor(private readonly connection: HealthConnection) {}

  @ApiOperation({ summary: 'Answers only when the database does.' })
  @Anyone()
  @Get()
  async show(): Promise<{ status: 'ok' }> {
    await this.connection.ask();
    return { status: 'ok' };
  }
}
