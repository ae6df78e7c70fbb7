import type { HouseRuleSettings, OwnGates, OwnHoldRules } from '@grevik/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

@Table({ tableName: 'companies', underscored: true, timestamps: false })
export class Company extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @Column(DataType.TEXT)
  declare slug: string;

  @Column(DataType.TEXT)
  declare name: string;

  @Column(DataType.TEXT)
  declare currency: string;

  /** The house-rule settings of this company; what is missing is at its default. */
  @Default({})
  @Column(DataType.JSONB)
  declare houseRules: Partial<HouseRuleSettings>;

  /** Test pressures and times that this company sets for itself. */
  @Default({})
  @Column(DataType.JSONB)
  declare holdRules: OwnHoldRules;

  /** What its own solid gates say; null where nothing was seen yet. */
  @Column(DataType.JSONB)
  declare ownGates: OwnGates | null;

  @Default(0)
  @Column(DataType.INTEGER)
  declare version: number;
}
