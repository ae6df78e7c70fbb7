import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** The secret address of a person's calendar; of the key only a hash is kept. */
@Table({ tableName: 'calendar_addresses', underscored: true, timestamps: false })
export class CalendarAddress extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare personId: string;

  @Column(DataType.TEXT)
  declare keyHash: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare madeAt: Date;
}
