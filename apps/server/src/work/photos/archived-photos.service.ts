import { randomUUID } from 'node:crypto';
import type { ArchivedPosition } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { SIGNERS, signedName } from '../../firm/people/signature.js';
import { byPosition } from '../positions/by-position.js';
import { Photo } from './photo.model.js';
import { fingerprint } from './photos.service.js';

type ArchivedPhoto = ArchivedPosition['photos'][number];

/** Photos out to an archive, and back signed as they were. */
@Injectable()
export class ArchivedPhotos {
  constructor(@InjectModel(Photo) private readonly photos: typeof Photo) {}

  /** By position, the oldest first. */
  async write(positionIds: readonly string[]): Promise<ReadonlyMap<string, ArchivedPhoto[]>> {
    const rows = await this.photos.findAll({
      where: { positionId: [...positionIds] },
      include: SIGNERS,
      order: [['takenAt', 'ASC']],
    });
    return byPosition(rows, (row) => ({
      type: row.type,
      ...(row.shows && { shows: row.shows }),
      takenAt: row.takenAt.toISOString(),
      by: signedName(row),
      base64: row.content.toString('base64'),
    }));
  }

  async add(
    positionId: string,
    { type, shows, takenAt, by, content }: Omit<ArchivedPhoto, 'base64'> & { content: Uint8Array },
    importedBy: string,
  ): Promise<void> {
    const picture = Buffer.from(content);
    await this.photos.create({
      id: randomUUID(),
      positionId,
      type,
      shows: shows ?? null,
      content: picture,
      sentSha256: fingerprint(picture),
      takenAt: new Date(takenAt),
      signedAs: by,
      importedBy,
    });
  }
}
