import type { ChangeKind } from '@grevik/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** One line of the log of changes, which has every change of anything under one number. Never altered: the database refuses it. */
@Table({ tableName: 'changes', underscored: true, timestamps: false })
export class Change extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  /** The order of the log, given by the database. */
  @Column(DataType.BIGINT)
  declare number: string;

  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare jobId: string | null;

  /** Null for what was not done to one position. */
  @Column(DataType.UUID)
  declare positionId: string | null;

  /** The row it was done to, where that is no position: an order line, a model, a person. */
  @Column(DataType.UUID)
  declare subjectId: string | null;

  @Column(DataType.TEXT)
  declare kind: ChangeKind;

  /** What it was done to, in words that outlive it. */
  @Column(DataType.TEXT)
  declare what: string;

  @Column(DataType.JSONB)
  declare before: unknown;

  @Column(DataType.JSONB)
  declare after: unknown;

  @Column(DataType.UUID)
  declare personId: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare at: Date;

  @Column(DataType.UUID)
  declare undoes: string | null;
}
