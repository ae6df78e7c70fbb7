import type { Wets } from '@grevik/core';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** What gets wet where the valve of a position fails, as somebody said. */
@Table({ tableName: 'wet_places', underscored: true, timestamps: false })
export class WetPlace extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare positionId: string;

  @Column(DataType.TEXT)
  declare wets: Wets;
}
