import { LARGEST_PHOTO, PhotoQuery, type PhotoTaken, type PhotoView } from '@grevik/contracts';
import { Controller, Get, Param, Put, Query, Req, Res } from '@nestjs/common';
import { ApiConsumes, ApiOperation } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { May } from '../../ground/access/may.js';
import type { Sent } from '../../ground/requests/sent.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { PhotosService } from './photos.service.js';

@Controller('api/positions/:id/photos')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @ApiOperation({
    summary: `Keeps a photo of a position under an id made on the device: the picture itself, JPEG, PNG or WebP, at most ${LARGEST_PHOTO} bytes.`,
  })
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp')
  @May('record')
  @Put(':photoId')
  add(
    @Param('id', IdPipe) positionId: string,
    @Param('photoId', IdPipe) id: string,
    @Query() query: PhotoQuery,
    @Req() request: Request,
  ): Promise<PhotoView> {
    return this.photos.add(positionId, id, request.body, query);
  }

  @ApiOperation({ summary: 'The photos of a position, the newest first, without their pictures.' })
  @May('look')
  @Get()
  list(@Param('id', IdPipe) positionId: string): Promise<PhotoTaken[]> {
    return this.photos.ofPosition(positionId);
  }

  @ApiOperation({ summary: 'A photo of a position.' })
  @May('look')
  @Get(':photoId')
  async show(
    @Param('id', IdPipe) positionId: string,
    @Param('photoId', IdPipe) id: string,
    @Res() response: Response,
  ): Promise<Sent<'image/*'>> {
    const { type, content } = await this.photos.get(positionId, id);
    response.type(type).set('cache-control', 'private, no-store').send(content);
  }
}
