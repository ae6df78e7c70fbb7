import type { DeviceKind, DeviceSample, LevelSample } from '@grevik/contracts';
import { BelongsTo, Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';

/** A logger, counter or recorder that reports with a key of its own. */
@Table({ tableName: 'devices', underscored: true, timestamps: false })
export class Device extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.TEXT)
  declare name: string;

  @Column(DataType.TEXT)
  declare kind: DeviceKind;

  /** Played by the server. */
  @Default(false)
  @Column(DataType.BOOLEAN)
  declare isStandIn: boolean;

  /** Fingerprint of its key: whoever reads the table cannot report with it. */
  @Column(DataType.TEXT)
  declare keyHash: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare addedAt: Date;

  @Column(DataType.UUID)
  declare addedBy: string | null;

  @Column(DataType.DATE)
  declare removedAt: Date | null;

  @Column(DataType.DATE)
  declare lastAt: Date | null;

  @Column(DataType.JSONB)
  declare lastSample: DeviceSample | LevelSample | null;

  /** Why its last report was refused. */
  @Column(DataType.TEXT)
  declare trouble: string | null;

  @BelongsTo(() => Person, { foreignKey: 'addedBy', targetKey: 'id' })
  declare person: Person | null;
}
