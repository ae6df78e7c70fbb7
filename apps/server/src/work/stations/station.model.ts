import type { CheckDiagnosis, CheckVerdict, StationFault } from '@grevik/core';
import { BelongsTo, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Device } from '../devices/device.model.js';

/** What a recorder that the server plays shows. */
export interface PlayedFault {
  fault: StationFault;
  /** When the fault begins. */
  from: string;
}

/** The pump station of a check. */
@Table({ tableName: 'stations', underscored: true, timestamps: false })
export class Station extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare positionId: string;

  @Column(DataType.UUID)
  declare deviceId: string | null;

  @Column(DataType.DOUBLE)
  declare wellAreaM2: number;

  @Column(DataType.DOUBLE)
  declare pumpFlowM3s: number | null;

  @Column(DataType.DOUBLE)
  declare platePowerW: number | null;

  @Column(DataType.JSONB)
  declare plays: PlayedFault | null;

  /** Who put the recorder there: what it changes is recorded under their name in the log of changes. */
  @Column(DataType.UUID)
  declare placedBy: string | null;

  @Column(DataType.TEXT)
  declare verdict: CheckVerdict | null;

  @Column(DataType.DATE)
  declare since: Date | null;

  @Column(DataType.JSONB)
  declare diagnosis: CheckDiagnosis | null;

  @Column(DataType.DATE)
  declare judgedAt: Date | null;

  @Column(DataType.INTEGER)
  declare version: number;

  @BelongsTo(() => Device, { foreignKey: 'deviceId', targetKey: 'id' })
  declare device: Device | null;
}
