import type { CastingCheck } from '@grevik/core';
import { BelongsTo, Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';

/** What came of a line. Never altered: the database refuses it. */
@Table({ tableName: 'receipts', underscored: true, timestamps: false })
export class Receipt extends Model {
  /** Made on the device that wrote it. */
  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare orderLineId: string;

  @Column(DataType.INTEGER)
  declare quantity: number;

  @Column(DataType.TEXT)
  declare casting: string;

  /** What the casting said against the line; null where nothing was read or the line is no valve. */
  @Column(DataType.JSONB)
  declare checked: CastingCheck | null;

  @Column(DataType.BOOLEAN)
  declare accepted: boolean;

  @Column(DataType.TEXT)
  declare note: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare receivedAt: Date;

  @Column(DataType.UUID)
  declare personId: string | null;

  /** Who took it in, where an archive brought it. */
  @Column(DataType.TEXT)
  declare signedAs: string | null;

  /** Who imported what is signed elsewhere. */
  @Column(DataType.UUID)
  declare importedBy: string | null;

  @BelongsTo(() => Person, { foreignKey: 'personId', targetKey: 'id' })
  declare person: Person | null;

  @BelongsTo(() => Person, { foreignKey: 'importedBy', targetKey: 'id' })
  declare importer: Person | null;
}
