import type { HouseRuleSettings } from '@grevik/core';
import { Column, DataType, Default, HasMany, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Line } from '../lines/line.model.js';

@Table({ tableName: 'jobs', underscored: true, timestamps: false })
export class Job extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.TEXT)
  declare name: string;

  @Column(DataType.JSONB)
  declare houseRules: Partial<HouseRuleSettings>;

  @Default(0)
  @Column(DataType.INTEGER)
  declare version: number;

  @Column(DataType.DATE)
  declare archivedAt: Date | null;

  @HasMany(() => Line, { foreignKey: 'jobId', sourceKey: 'id' })
  declare lines: Line[];
}
