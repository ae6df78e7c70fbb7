import type { LineFacts, Medium } from '@grevik/core';
import { Column, DataType, Default, HasMany, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Position } from '../positions/position.model.js';

@Table({ tableName: 'lines', underscored: true, timestamps: false })
export class Line extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare jobId: string;

  @Column(DataType.TEXT)
  declare name: string;

  @Column(DataType.TEXT)
  declare medium: Medium;

  @Column(DataType.INTEGER)
  declare placeInJob: number;

  @Default({})
  @Column(DataType.JSONB)
  declare facts: LineFacts;

  @Default(0)
  @Column(DataType.INTEGER)
  declare factsVersion: number;

  @HasMany(() => Position, { foreignKey: 'lineId', sourceKey: 'id' })
  declare positions: Position[];
}
