import { Controller, Get } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';

@Controller('api/health')
export class HealthController {
  constructor(@InjectConnection() private readonly sequelize: Sequelize) {}

  /** Answers only when the database does. */
  @Get()
  async show(): Promise<{ status: 'ok' }> {
    await this.sequelize.query('SELECT 1');
    return { status: 'ok' };
  }
}
