import type { PHOTO_TYPES, PhotoShows } from '@grevik/contracts';
import { BelongsTo, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';

/** A picture of a position. Never altered: the database refuses it. */
@Table({ tableName: 'photos', underscored: true, timestamps: false })
export class Photo extends Model {
  /** Made on the device that took it. */
  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare positionId: string;

  @Column(DataType.UUID)
  declare personId: string | null;

  /** Who took it, where an archive brought it. */
  @Column(DataType.TEXT)
  declare signedAs: string | null;

  @Column(DataType.TEXT)
  declare type: (typeof PHOTO_TYPES)[number];

  @Column(DataType.BLOB)
  declare content: Buffer;

  /** Of the file as it was sent: the same one sent again is known by it. */
  @Column(DataType.BLOB)
  declare sentSha256: Buffer;

  @Column(DataType.TEXT)
  declare shows: PhotoShows | null;

  @Column(DataType.DATE)
  declare takenAt: Date;

  /** Who imported what is signed elsewhere. */
  @Column(DataType.UUID)
  declare importedBy: string | null;

  @BelongsTo(() => Person, { foreignKey: 'personId', targetKey: 'id' })
  declare person: Person | null;

  @BelongsTo(() => Person, { foreignKey: 'importedBy', targetKey: 'id' })
  declare importer: Person | null;
}
