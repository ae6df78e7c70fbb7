import type { SupplierAnswer } from '@grevik/core';
import { BelongsTo, Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';

/** What a supplier was asked, and what came back. */
@Table({ tableName: 'quotations', underscored: true, timestamps: false })
export class Quotation extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  /** Made on the device that asked, the same for every supplier that was asked at once: sent twice, it asks once. */
  @Column(DataType.UUID)
  declare requestId: string | null;

  @Column(DataType.UUID)
  declare jobId: string;

  @Column(DataType.TEXT)
  declare supplier: string;

  @Default('asked')
  @Column(DataType.TEXT)
  declare state: 'asked' | 'answered' | 'failed';

  @Column(DataType.ARRAY(DataType.UUID))
  declare lines: string[];

  @Column(DataType.JSONB)
  declare answer: SupplierAnswer | null;

  @Column(DataType.TEXT)
  declare problem: string | null;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare askedAt: Date;

  @Column(DataType.UUID)
  declare personId: string | null;

  /** Who asked, where an archive brought it. */
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
