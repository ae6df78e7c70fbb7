import type { ShownKind, ShownQuestion } from '@grevik/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** A drill about a real position, sent to people. */
@Table({ tableName: 'drills_sent', underscored: true, timestamps: false })
export class SentDrill extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @Column(DataType.UUID)
  declare positionId: string;

  @Column(DataType.TEXT)
  declare kind: ShownKind;

  @Column(DataType.JSONB)
  declare shown: ShownQuestion;

  @Column(DataType.ARRAY(DataType.UUID))
  declare personIds: string[];

  @Column(DataType.UUID)
  declare sentBy: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare sentAt: Date;
}
