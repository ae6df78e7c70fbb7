import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { Position } from '../positions/position.model.js';
import { Photo } from './photo.model.js';
import { PhotosController } from './photos.controller.js';
import { PhotosService } from './photos.service.js';
import { ArchivedPhotos } from './archived-photos.service.js';

@Module({
  imports: [SequelizeModule.forFeature([Photo, Position])],
  controllers: [PhotosController],
  providers: [PhotosService, ArchivedPhotos],
  exports: [ArchivedPhotos],
})
export class PhotosModule {}
