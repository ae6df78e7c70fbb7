import type { Edge } from '@grevik/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

@Table({ tableName: 'picks', underscored: true, timestamps: false })
export class Pick extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare positionId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare modelId: string;

  @Column(DataType.TEXT)
  declare reason: string;

  /** As it was judged when it was picked. */
  @Column(DataType.TEXT)
  declare verdict: 'fits' | 'care';

  /** Until when that held. */
  @Default([])
  @Column(DataType.JSONB)
  declare edges: Edge[];

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare pickedAt: Date;

  @Column(DataType.UUID)
  declare pickedBy: string | null;

  /** Who picked it, where an archive brought it. */
  @Column(DataType.TEXT)
  declare signedAs: string | null;

  /** Who imported it. */
  @Column(DataType.UUID)
  declare importedBy: string | null;
}
