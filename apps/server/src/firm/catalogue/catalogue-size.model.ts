import type { ModelSize, OfSize } from '@grevik/core';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

@Table({ tableName: 'catalogue_sizes', underscored: true, timestamps: false })
export class CatalogueSize extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare modelId: string;

  @PrimaryKey
  @Column(DataType.INTEGER)
  declare dn: number;

  @Column(DataType.DOUBLE)
  declare boreM: number | null;

  @Column(DataType.DOUBLE)
  declare kv: number | null;

  @Column(DataType.INTEGER)
  declare priceCents: number;

  @Column(DataType.JSONB)
  declare breaks: ModelSize['breaks'] | null;

  /** What is another in this size than the model says, in the core's names. */
  @Column(DataType.JSONB)
  declare own: Pick<ModelSize, OfSize> | null;
}
