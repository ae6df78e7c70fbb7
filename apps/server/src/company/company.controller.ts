import type { CompanyView } from '@grevik/contracts';
import { Controller, Get } from '@nestjs/common';
import { CompanyService } from './company.service.js';

@Controller('api/company')
export class CompanyController {
  constructor(private readonly company: CompanyService) {}

  @Get()
  async show(): Promise<CompanyView> {
    const { name, currency, houseRules } = await this.company.current();
    return { name, currency, houseRules };
  }
}
