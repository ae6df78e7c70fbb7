import {
  type NewOwnerPage,
  OwnerAnswerRequest,
  OwnerFileQuery,
  type OwnerPageListing,
  OwnerPageRequest,
  type OwnerPageView,
} from '@grevik/contracts';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Query, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { Anyone, May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import type { Sent } from '../../ground/requests/sent.js';
import { OwnerAnswers } from './owner-answers.service.js';
import { OwnerPages } from './owner-pages.service.js';

@Controller('api')
export class OwnerPagesController {
  constructor(
    private readonly pages: OwnerPages,
    private readonly answers: OwnerAnswers,
  ) {}

  @ApiOperation({ summary: 'Pages for owners that show a position, with what was decided.' })
  @May('look')
  @Get('positions/:id/owner-pages')
  list(@Param('id', IdPipe) id: string): Promise<OwnerPageListing[]> {
    return this.pages.ofPosition(id);
  }

  @ApiOperation({
    summary: 'Makes a page for an owner. The key of its link is in this answer and nowhere else.',
  })
  @May('order')
  @Post('positions/:id/owner-pages')
  make(@Param('id', IdPipe) id: string, @Body() request: OwnerPageRequest): Promise<NewOwnerPage> {
    return this.pages.make(id, request);
  }

  @ApiOperation({ summary: 'Withdraws a page: its link opens nothing any longer.' })
  @May('order')
  @Delete('owner-pages/:id')
  @HttpCode(204)
  withdraw(@Param('id', IdPipe) id: string): Promise<void> {
    return this.pages.withdraw(id);
  }

  @ApiOperation({ summary: 'What an owner sees who has the link.' })
  @Anyone()
  @Get('owner/:key')
  show(@Param('key') key: string): Promise<OwnerPageView> {
    return this.answers.show(key);
  }

  @ApiOperation({ summary: 'The page as a PDF to be signed.' })
  @Anyone()
  @Get('owner/:key/page.pdf')
  async print(
    @Param('key') key: string,
    @Query() { language = 'en' }: OwnerFileQuery,
    @Res() response: Response,
  ): Promise<Sent<'application/pdf'>> {
    const file = await this.answers.file(key, language);
    response.attachment('for the owner.pdf').send(Buffer.from(file));
  }

  @ApiOperation({ summary: 'A photo that an owner’s page shows.' })
  @Anyone()
  @Get('owner/:key/photos/:photoId')
  async photo(
    @Param('key') key: string,
    @Param('photoId', IdPipe) photoId: string,
    @Res() response: Response,
  ): Promise<Sent<'image/jpeg'>> {
    const { type, content } = await this.answers.photo(key, photoId);
    response.type(type).set('cache-control', 'private, no-store').send(content);
  }

  @ApiOperation({ summary: 'An owner accepts an option, or none, with their name.' })
  @Anyone()
  @Post('owner/:key/answers')
  @HttpCode(200)
  answer(@Param('key') key: string, @Body() request: OwnerAnswerRequest): Promise<OwnerPageView> {
    return this.answers.answer(key, request);
  }
}
