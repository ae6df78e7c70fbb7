import { type CompanyView, CurrencyRequest, HoldRulesRequest, HouseRulesRequest } from '@grevik/contracts';
import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import type { Company } from './company.model.js';
import { CompanyService } from './company.service.js';

@Controller('api/company')
export class CompanyController {
  constructor(private readonly company: CompanyService) {}

  @ApiOperation({ summary: 'The company’s name, currency and house rules.' })
  @May('look')
  @Get()
  async show(): Promise<CompanyView> {
    return companyView(await this.company.current());
  }

  @ApiOperation({
    summary: 'Sets the currency of prices; existing prices are not converted.',
  })
  @May('catalogue')
  @Put('currency')
  async setCurrency(@Body() { version, currency }: CurrencyRequest): Promise<CompanyView> {
    return companyView(await this.company.change(version, { currency }));
  }

  @ApiOperation({
    summary: 'Sets house rules; a rule that is left out gets its default.',
  })
  @May('house-rules')
  @Put('house-rules')
  async takeOptions(@Body() { version, houseRules }: HouseRulesRequest): Promise<CompanyView> {
    return companyView(await this.company.change(version, { houseRules }));
  }

  @ApiOperation({
    summary: 'Sets test pressures and times by kind of line; a kind that is left out is held as usual.',
  })
  @May('house-rules')
  @Put('hold-rules')
  async setHoldRules(@Body() { version, holdRules }: HoldRulesRequest): Promise<CompanyView> {
    return companyView(await this.company.change(version, { holdRules }));
  }
}

const companyView = ({ version, name, currency, houseRules, holdRules, ownGates }: Company): CompanyView => ({
  version,
  name,
  currency,
  houseRules,
  holdRules,
  ownGates,
});
