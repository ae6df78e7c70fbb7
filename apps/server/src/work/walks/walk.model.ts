import type { WalkItem } from '@grevik/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** A line as it was walked. One document, since it is edited as one: an indented list in which every place depends on those before it. */
@Table({ tableName: 'walks', underscored: true, timestamps: false })
export class Walk extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare lineId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare jobId: string;

  @Default(0)
  @Column(DataType.INTEGER)
  declare version: number;

  @Column(DataType.JSONB)
  declare items: WalkItem[];
}
