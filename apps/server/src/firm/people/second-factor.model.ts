import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** What a person's phone makes codes from. Not in backups: it opens the door together with a password. */
@Table({ tableName: 'second_factors', underscored: true, timestamps: false })
export class SecondFactor extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare personId: string;

  /** Base 32. */
  @Column(DataType.TEXT)
  declare secret: string;

  /** Whether a first code was entered: before, nothing is asked for. */
  @Default(false)
  @Column(DataType.BOOLEAN)
  declare isConfirmed: boolean;

  /** Time step of the last code that was taken: none is taken twice. */
  @Default(0)
  @Column(DataType.BIGINT)
  declare lastStep: string;

  /** Fingerprints of the codes for a lost phone. */
  @Default([])
  @Column(DataType.ARRAY(DataType.TEXT))
  declare codeHashes: string[];
}
