import type { Role } from '@grevik/contracts';
import { BelongsTo, Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from './person.model.js';

@Table({ tableName: 'invitations', underscored: true, timestamps: false })
export class Invitation extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  /** Fingerprint of the link's secret: whoever reads the table cannot join with it. */
  @Column(DataType.TEXT)
  declare tokenHash: string;

  @Column(DataType.TEXT)
  declare role: Role;

  @Column(DataType.UUID)
  declare invitedBy: string;

  @Column(DataType.DATE)
  declare expiresAt: Date;

  @BelongsTo(() => Person, { foreignKey: 'invitedBy', targetKey: 'id' })
  declare inviter: Person;
}
