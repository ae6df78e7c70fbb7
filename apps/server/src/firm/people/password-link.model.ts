import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** The link by which a person chooses a new password; each has one at most. */
@Table({ tableName: 'password_links', underscored: true, timestamps: false })
export class PasswordLink extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare personId: string;

  /** Fingerprint of the link's secret. */
  @Column(DataType.TEXT)
  declare tokenHash: string;

  @Column(DataType.UUID)
  declare madeBy: string;

  @Column(DataType.DATE)
  declare expiresAt: Date;
}
