import type { CatalogueModel, ValveType } from '@grevik/core';
import { Column, DataType, Default, HasMany, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { CatalogueSize } from './catalogue-size.model.js';

@Table({ tableName: 'catalogue_models', underscored: true, timestamps: false })
export class CatalogueModelRow extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.TEXT)
  declare maker: string;

  @Column(DataType.TEXT)
  declare model: string;

  @Column(DataType.TEXT)
  declare type: ValveType;

  /** The rest of what all its sizes share, in the core's names. */
  @Column(DataType.JSONB)
  declare details: Omit<CatalogueModel, 'maker' | 'model' | 'type' | 'sizes'>;

  @Column(DataType.INTEGER)
  declare version: number;

  @Column(DataType.BOOLEAN)
  declare retired: boolean;

  @HasMany(() => CatalogueSize, { foreignKey: 'modelId', sourceKey: 'id' })
  declare sizes: CatalogueSize[];
}
