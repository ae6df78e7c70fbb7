import type { OwnerPageView } from '@grevik/contracts';
import { Column, DataType, Default, HasMany, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { OwnerAnswerRow } from './owner-answer.model.js';

/** What is shown, as it was when the page was made. */
export type OwnerPageContent = Omit<OwnerPageView, 'madeAt' | 'expiresAt' | 'answers'>;

/** A page for an owner. Of its key only a fingerprint is kept. */
@Table({ tableName: 'owner_pages', underscored: true, timestamps: false })
export class OwnerPage extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @Column(DataType.UUID)
  declare jobId: string;

  @Column(DataType.JSONB)
  declare content: OwnerPageContent;

  @Column(DataType.TEXT)
  declare keyHash: string;

  @Column(DataType.UUID)
  declare madeBy: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare madeAt: Date;

  @Column(DataType.DATE)
  declare expiresAt: Date;

  @Column(DataType.DATE)
  declare withdrawnAt: Date | null;

  @HasMany(() => OwnerAnswerRow, { foreignKey: 'pageId', sourceKey: 'id' })
  declare answers: OwnerAnswerRow[];
}
