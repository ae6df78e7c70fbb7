import type { ModelView } from '@grevik/contracts';
import { Controller, Get } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../access/may.js';
import { CatalogueService } from './catalogue.service.js';

@Controller('api/catalogue')
export class CatalogueController {
  constructor(private readonly catalogue: CatalogueService) {}

  @ApiOperation({ summary: 'The models the company chooses from.' })
  @May('look')
  @Get()
  list(): Promise<ModelView[]> {
    return this.catalogue.list();
  }
}
