import { type Found, SearchQuery } from '@grevik/contracts';
import { Controller, Get, Query } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { SearchService } from './search.service.js';

@Controller('api/search')
export class SearchController {
  constructor(private readonly searching: SearchService) {}

  @ApiOperation({
    summary:
      'Positions and lines of all jobs by a part of a tag, a remark or a name: the twenty nearest, open jobs first.',
  })
  @May('look')
  @Get()
  find(@Query() { text }: SearchQuery): Promise<Found[]> {
    return this.searching.find(text);
  }
}
