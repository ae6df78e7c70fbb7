import { BelongsTo, Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';
import type { PlannedVisit } from './planned-visit.js';

/** A planned visit to many positions. What was done on it stands in the entries of the positions. */
@Table({ tableName: 'rounds', underscored: true, timestamps: false })
export class Round extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.TEXT)
  declare name: string;

  @Column(DataType.ARRAY(DataType.UUID))
  declare jobIds: string[];

  @Column(DataType.DATEONLY)
  declare startsOn: string;

  @Column(DataType.DOUBLE)
  declare hoursADay: number;

  @Column(DataType.UUID)
  declare personId: string | null;

  /** In the order they are walked. */
  @Column(DataType.JSONB)
  declare stops: PlannedVisit[];

  @Default(0)
  @Column(DataType.INTEGER)
  declare version: number;

  @Column(DataType.UUID)
  declare createdBy: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare createdAt: Date;

  @BelongsTo(() => Person, { foreignKey: 'personId', targetKey: 'id' })
  declare person: Person | null;
}
