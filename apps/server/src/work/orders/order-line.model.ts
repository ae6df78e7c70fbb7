import type { ValveSpec } from '@grevik/core';
import { Column, DataType, Default, HasMany, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Receipt } from './receipt.model.js';

@Table({ tableName: 'order_lines', underscored: true, timestamps: false })
export class OrderLine extends Model {
  /** Made on the device that wrote it. */
  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare orderId: string;

  /** Counts up as lines come; left to the database. */
  @Column({ type: DataType.INTEGER, autoIncrement: true })
  declare place: number;

  @Column(DataType.TEXT)
  declare text: string;

  @Column(DataType.JSONB)
  declare spec: ValveSpec | null;

  @Column(DataType.INTEGER)
  declare quantity: number;

  @Default([])
  @Column(DataType.ARRAY(DataType.UUID))
  declare positions: string[];

  @Default('')
  @Column(DataType.TEXT)
  declare note: string;

  /** Decimal, as the database writes it. */
  @Column(DataType.DECIMAL(14, 4))
  declare unitPrice: string | null;

  @Column(DataType.INTEGER)
  declare leadDays: number | null;

  @Default(0)
  @Column(DataType.INTEGER)
  declare version: number;

  @HasMany(() => Receipt, { foreignKey: 'orderLineId', sourceKey: 'id' })
  declare receipts: Receipt[];
}
