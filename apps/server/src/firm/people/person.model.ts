import type { Role } from '@grevik/contracts';
import type { Language } from '@grevik/words';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

@Table({ tableName: 'people', underscored: true, timestamps: false })
export class Person extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.TEXT)
  declare name: string;

  /** In lower case, once in a company. */
  @Column(DataType.TEXT)
  declare email: string;

  @Column(DataType.TEXT)
  declare role: Role;

  /** Null for people of the demo company, who come in by its own door. */
  @Column(DataType.TEXT)
  declare passwordHash: string | null;

  /** Null where they have chosen none. */
  @Column(DataType.TEXT)
  declare language: Language | null;

  @Default(0)
  @Column(DataType.INTEGER)
  declare version: number;

  @Column(DataType.DATE)
  declare joinedAt: Date;

  @Column(DataType.DATE)
  declare leftAt: Date | null;
}
