import { Module } from '@nestjs/common';
import { SearchController } from './search.controller.js';
import { SearchService } from './search.service.js';

/** Finding a valve whose job one does not know. */
@Module({ controllers: [SearchController], providers: [SearchService] })
export class SearchModule {}
