import type { OrderState } from '@grevik/core';
import { Column, DataType, Default, HasMany, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { OrderLine } from './order-line.model.js';

/** Lines that go to one supplier, or that wait for a price. */
@Table({ tableName: 'orders', underscored: true, timestamps: false })
export class Order extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare jobId: string;

  /** Nobody's yet where null. */
  @Column(DataType.TEXT)
  declare supplier: string | null;

  @Default('draft')
  @Column(DataType.TEXT)
  declare state: OrderState;

  @Default(0)
  @Column(DataType.INTEGER)
  declare version: number;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare createdAt: Date;

  @HasMany(() => OrderLine, { foreignKey: 'orderId', sourceKey: 'id' })
  declare lines: OrderLine[];
}
