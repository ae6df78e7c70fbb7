import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** What an owner decided about one valve. */
@Table({ tableName: 'owner_answers', underscored: true, timestamps: false })
export class OwnerAnswerRow extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare pageId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare positionId: string;

  @Column(DataType.INTEGER)
  declare option: number;

  @Column(DataType.TEXT)
  declare name: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare at: Date;

  /** What could not be done by itself. */
  @Column(DataType.TEXT)
  declare trouble: string | null;
}
