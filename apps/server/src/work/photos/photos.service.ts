import { createHash } from 'node:crypto';
import type { PhotoQuery, PhotoTaken, PhotoView } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { SIGNERS, signedName } from '../../firm/people/signature.js';
import { currentPersonId } from '../../ground/database/company-scope.js';
import { inTransaction } from '../../ground/database/work-context.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { deviceMoment } from '../../ground/requests/device-moment.js';
import { positionNotFound } from '../positions/position-not-found.js';
import { Position } from '../positions/position.model.js';
import { ChangeLog } from '../../ground/change-log/change-log.service.js';
import { type CleanPicture, cleanPicture } from './clean-picture.js';
import { Photo } from './photo.model.js';

/** How far the clocks of device and server may be apart. */
const CLOCKS_APART_MS = 5 * 60_000;

@Injectable()
export class PhotosService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Photo) private readonly photos: typeof Photo,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly log: ChangeLog,
  ) {}

  /** Keeps a picture. It is decoded and written anew, whatever it was called; sent again under its id it is stored once. */
  async add(
    positionId: string,
    id: string,
    content: unknown,
    { shows, takenAt }: PhotoQuery = {},
  ): Promise<PhotoView> {
    if (!Buffer.isBuffer(content) || content.length === 0)
      throw new InvalidInput('photo', 'The photo is empty: send the picture itself.');
    const taken = takenAt === undefined ? new Date() : deviceMoment('takenAt', takenAt, CLOCKS_APART_MS);
    const sentSha256 = fingerprint(content);
    const before = await this.stored(id);
    if (!before)
      await this.store(positionId, {
        id,
        sentSha256,
        shows: shows ?? null,
        takenAt: taken,
        ...(await cleanPicture(content)),
      });
    const stored = before ?? (await this.stored(id));
    if (!stored || stored.positionId !== positionId || !stored.sentSha256.equals(sentSha256))
      throw new Refusal(409, {
        code: 'conflict',
        field: 'id',
        message: `There is another photo with the id ${id}. A photo cannot be changed: send it with a new id.`,
      });
    return { id, positionId };
  }

  /** The photos of a position, the newest first. */
  async ofPosition(positionId: string): Promise<PhotoTaken[]> {
    if ((await this.positions.count({ where: { id: positionId } })) === 0) throw positionNotFound();
    const rows = await this.photos.findAll({
      where: { positionId },
      attributes: { exclude: ['content', 'sentSha256'] },
      include: SIGNERS,
      order: [['takenAt', 'DESC']],
    });
    return rows.map((row) => ({
      id: row.id,
      takenAt: row.takenAt.toISOString(),
      by: signedName(row),
      shows: row.shows,
    }));
  }

  /** A photo of a position; one of another position is not here. */
  async get(positionId: string, id: string): Promise<Photo> {
    const photo = await this.photos.findOne({ where: { id, positionId } });
    if (!photo) throw new NotFoundException('This photo was not found.');
    return photo;
  }

  private stored(id: string): Promise<Photo | null> {
    return this.photos.findOne({ where: { id }, attributes: ['positionId', 'sentSha256'] });
  }

  private store(
    positionId: string,
    photo: CleanPicture & Pick<Photo, 'id' | 'sentSha256' | 'shows' | 'takenAt'>,
  ): Promise<void> {
    return inTransaction(this.sequelize, async () => {
      const position = await this.positions.findByPk(positionId, { lock: true });
      if (!position) throw positionNotFound();
      // Looked at again behind the lock: the same may have been sent twice at once.
      if (await this.stored(photo.id)) return;
      await this.photos.create({ ...photo, positionId, personId: currentPersonId() });
      await this.log.record({
        kind: 'photo',
        jobId: position.jobId,
        positionId,
        subjectId: photo.id,
        what: position.tag,
        before: null,
        after: { photoId: photo.id },
      });
    });
  }
}

/** What a file is known by. */
export const fingerprint = (content: Buffer): Buffer => createHash('sha256').update(content).digest();
