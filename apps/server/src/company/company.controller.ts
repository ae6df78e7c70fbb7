import type { CompanyView } from '@grevik/contracts';
import { Controller, Get } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../access/may.js';
import { CompanyService } from './company.service.js';

@Controller('api/company')
export class CompanyController {
  constructor(private readonly company: CompanyService) {}

  @ApiOperation({ summary: 'The company’s name, currency and house rules.' })
  @May('look')
  @Get()
  async show(): Promise<CompanyView> {
    const { name, currency, houseRules } = await this.company.current();
    return { name, currency, houseRules };
  }
}
