import type { Role } from '@grevik/contracts';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

@Table({ tableName: 'people', underscored: true, timestamps: false })
export class Person extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.TEXT)
  declare name: string;

  /** In lower case, once in all companies. */
  @Column(DataType.TEXT)
  declare email: string;

  @Column(DataType.TEXT)
  declare role: Role;

  /** Null for people of the demo company, who come in by its own door. */
  @Column(DataType.TEXT)
  declare passwordHash: string | null;

  @Column(DataType.DATE)
  declare leftAt: Date | null;
}
