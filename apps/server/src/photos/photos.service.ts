import { LARGEST_PHOTO, PHOTO_TYPES, type PhotoView } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { fileTypeFromBuffer } from 'file-type';
import { currentPersonId } from '../company/company-scope.js';
import { Refusal } from '../errors/refusal.js';
import { Position } from '../positions/position.model.js';
import { Photo } from './photo.model.js';

@Injectable()
export class PhotosService {
  constructor(
    @InjectModel(Photo) private readonly photos: typeof Photo,
    @InjectModel(Position) private readonly positions: typeof Position,
  ) {}

  /** Keeps a picture. What it is is read from its content, whatever it was called; sent again under its id it is stored once. */
  async add(positionId: string, id: string, content: unknown): Promise<PhotoView> {
    if (!Buffer.isBuffer(content) || content.length === 0)
      throw new InvalidInput('photo', 'The photo is empty: send the picture itself.');
    const type = await photoType(content);
    if (!(await this.positions.findByPk(positionId, { attributes: ['id'] })))
      throw new NotFoundException('That position is not here. Open the line again.');
    await this.photos.bulkCreate(
      [{ id, positionId, personId: currentPersonId(), type, content, takenAt: new Date() }],
      { ignoreDuplicates: true },
    );
    const stored = await this.photos.findOne({ where: { id } });
    if (!stored || stored.positionId !== positionId || !stored.content.equals(content))
      throw new Refusal(409, {
        code: 'conflict',
        field: 'id',
        message: `There is another photo with the id ${id}. A photo is never changed: send it under a new one.`,
      });
    return { id, positionId };
  }

  async get(id: string): Promise<Photo> {
    const photo = await this.photos.findOne({ where: { id } });
    if (!photo) throw new NotFoundException('That photo is not here.');
    return photo;
  }
}

/** The kind of a picture by its content. */
export async function photoType(content: Buffer): Promise<Photo['type']> {
  if (content.length > LARGEST_PHOTO)
    throw new InvalidInput(
      'photo',
      `The photo has ${content.length} bytes: at most ${LARGEST_PHOTO} are kept.`,
    );
  const mime = (await fileTypeFromBuffer(content))?.mime;
  const type = PHOTO_TYPES.find((known) => known === mime);
  if (!type)
    throw new InvalidInput(
      'photo',
      `The file is ${mime ?? 'of no kind known here'}: a photo is JPEG, PNG or WebP.`,
    );
  return type;
}
