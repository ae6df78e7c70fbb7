import type { Condition, HookUpChoices, PositionDuty } from '@grevik/core';
import { Column, DataType, Default, HasOne, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Pick } from './pick.model.js';

@Table({ tableName: 'positions', underscored: true })
export class Position extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare jobId: string;

  @Column(DataType.UUID)
  declare lineId: string;

  @Column(DataType.TEXT)
  declare tag: string;

  @Default('')
  @Column(DataType.TEXT)
  declare remarks: string;

  @Column(DataType.INTEGER)
  declare placeOnLine: number;

  @Column(DataType.JSONB)
  declare duty: PositionDuty;

  @Default({})
  @Column(DataType.JSONB)
  declare hookUp: HookUpChoices;

  /** What is known of it from its entries; written with each of them. */
  @Default({})
  @Column(DataType.JSONB)
  declare condition: Condition;

  @Column(DataType.DOUBLE)
  declare longitude: number | null;

  @Column(DataType.DOUBLE)
  declare latitude: number | null;

  @Default(0)
  @Column(DataType.INTEGER)
  declare version: number;

  /** Who made the last change, and which it is; null where nothing was changed since the position was brought. */
  @Column(DataType.UUID)
  declare changedBy: string | null;

  @Column(DataType.UUID)
  declare lastChange: string | null;

  @HasOne(() => Pick, { foreignKey: 'positionId', sourceKey: 'id' })
  declare pick: Pick | null;
}
