import { Controller, Get } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { Anyone } from '../access/may.js';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';

@Controller('api/health')
export class HealthController {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  @ApiOperation({ summary: 'Answers only when the database does.' })
  @Anyone()
  @Get()
  async show(): Promise<{ status: 'ok' }> {
    await this.sequelize.query('SELECT 1');
    return { status: 'ok' };
  }
}
