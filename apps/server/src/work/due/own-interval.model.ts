import type { Interval, SetBy, Task } from '@grevik/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** An interval that was set in place of the usual one: of the company, a job or a position. */
@Table({ tableName: 'own_intervals', underscored: true, timestamps: false })
export class OwnIntervalRow extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare jobId: string | null;

  @Column(DataType.UUID)
  declare positionId: string | null;

  @Column(DataType.TEXT)
  declare task: Task;

  /** Null: it is not done. */
  @Column(DataType.JSONB)
  declare every: Interval | null;

  @Column(DataType.TEXT)
  declare because: string;

  @Column(DataType.UUID)
  declare personId: string;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare setAt: Date;
}

/** Where an interval was set. */
export const setBy = ({ jobId, positionId }: Pick<OwnIntervalRow, 'jobId' | 'positionId'>): SetBy =>
  positionId !== null ? 'position' : jobId !== null ? 'job' : 'company';
