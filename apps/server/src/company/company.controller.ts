import { type CompanyView, CurrencyRequest, HouseRulesRequest } from '@grevik/contracts';
import { Body, Controller, Get, Put } from '@nestjs/common';
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

  @ApiOperation({
    summary: 'The currency prices are in from now on; those that are there are not converted.',
  })
  @May('catalogue')
  @Put('currency')
  async setCurrency(@Body() { currency }: CurrencyRequest): Promise<CompanyView> {
    const company = await this.company.current();
    const { name, houseRules } = await company.update({ currency });
    return { name, currency, houseRules };
  }

  @ApiOperation({
    summary: 'Takes sides where good people differ; what is left out takes the standard side.',
  })
  @May('house-rules')
  @Put('house-rules')
  async takeSides(@Body() { houseRules }: HouseRulesRequest): Promise<CompanyView> {
    const company = await this.company.current();
    const { name, currency } = await company.update({ houseRules });
    return { name, currency, houseRules };
  }
}
