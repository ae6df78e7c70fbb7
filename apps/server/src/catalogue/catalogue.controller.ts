import type { ModelView } from '@grevik/contracts';
import { Controller, Get } from '@nestjs/common';
import { CatalogueService } from './catalogue.service.js';

@Controller('api/catalogue')
export class CatalogueController {
  constructor(private readonly catalogue: CatalogueService) {}

  @Get()
  list(): Promise<ModelView[]> {
    return this.catalogue.list();
  }
}
