import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** A line handed over: its start-up is closed, what follows are entries. */
@Table({ tableName: 'hand_overs', underscored: true, timestamps: false })
export class HandOver extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare lineId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.TEXT)
  declare handedBy: string;

  @Column(DataType.TEXT)
  declare takenBy: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare at: Date;

  @Column(DataType.UUID)
  declare personId: string | null;
}
