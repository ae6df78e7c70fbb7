import type { DrillKind, DrillLevel, DrillTrade } from '@grevik/core';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** What a person answered to a drill, and how it was graded here. */
@Table({ tableName: 'drill_results', underscored: true, timestamps: false })
export class DrillResult extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @Column(DataType.UUID)
  declare personId: string;

  @Column(DataType.TEXT)
  declare kind: DrillKind;

  @Column(DataType.INTEGER)
  declare level: DrillLevel;

  @Column(DataType.TEXT)
  declare trade: DrillTrade;

  @Column(DataType.BIGINT)
  declare seed: number | null;

  @Column(DataType.JSONB)
  declare shown: object | null;

  @Column(DataType.UUID)
  declare sentId: string | null;

  @Column(DataType.JSONB)
  declare answer: object | string;

  @Column(DataType.BOOLEAN)
  declare isRight: boolean;

  @Column(DataType.DOUBLE)
  declare score: number;

  @Column(DataType.DOUBLE)
  declare tookS: number;

  @Column(DataType.DATE)
  declare takenAt: Date;
}
