import type { BenchFinding, EntryKind, Found, Visit } from '@grevik/core';
import { BelongsTo, Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';

/** One dated fact about a position. Never altered: the database refuses it; only followed by another. */
@Table({ tableName: 'entries', underscored: true, timestamps: false })
export class Entry extends Model {
  /** Made on the device that wrote it. */
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

  /** Who wrote it, where an archive brought it or a device wrote it. */
  @Column(DataType.TEXT)
  declare signedAs: string | null;

  /** A device wrote it: its name stands in `signedAs`. */
  @Default(false)
  @Column(DataType.BOOLEAN)
  declare byDevice: boolean;

  @Column(DataType.TEXT)
  declare kind: EntryKind;

  @Column(DataType.TEXT)
  declare text: string;

  @Column(DataType.DOUBLE)
  declare turns: number | null;

  @Column(DataType.JSONB)
  declare found: Found | null;

  @Column(DataType.JSONB)
  declare finding: BenchFinding | null;

  @Column(DataType.JSONB)
  declare visit: Visit | null;

  @Column(DataType.DATE)
  declare happenedAt: Date;

  @Column(DataType.DATE)
  declare receivedAt: Date;

  /** Who imported what is signed elsewhere. */
  @Column(DataType.UUID)
  declare importedBy: string | null;

  @BelongsTo(() => Person, { foreignKey: 'personId', targetKey: 'id' })
  declare person: Person | null;

  @BelongsTo(() => Person, { foreignKey: 'importedBy', targetKey: 'id' })
  declare importer: Person | null;
}
