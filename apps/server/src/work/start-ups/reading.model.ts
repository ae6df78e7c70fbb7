import type { PlayedGauge, ReadingSource } from '@grevik/contracts';
import type { HoldGiven, HoldTest, ReadingStep, ReducerCheck, ReducerGiven } from '@grevik/core';
import { BelongsTo, Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';

/** A hold that is read, or was: its samples stand in a table of their own. */
@Table({ tableName: 'readings', underscored: true, timestamps: false })
export class Reading extends Model {
  /** Made on the device that began it. */
  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare lineId: string;

  @Default('hold')
  @Column(DataType.TEXT)
  declare step: ReadingStep;

  /** The position it is taken at, where it is not the whole line. */
  @Column(DataType.TEXT)
  declare item: string | null;

  @Column(DataType.JSONB)
  declare given: HoldGiven | ReducerGiven;

  @Column(DataType.TEXT)
  declare source: ReadingSource;

  /** The device that reads. */
  @Column(DataType.UUID)
  declare deviceId: string | null;

  /** What the stand-in plays. */
  @Column(DataType.JSONB)
  declare plays: PlayedGauge | null;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare startedAt: Date;

  @Column(DataType.UUID)
  declare startedBy: string | null;

  /** Null while it runs. */
  @Column(DataType.DATE)
  declare endedAt: Date | null;

  /** Its verdict with its figures; null while it runs. */
  @Column(DataType.JSONB)
  declare result: HoldTest | ReducerCheck | null;

  /** Who began it, where an archive brought it. */
  @Column(DataType.TEXT)
  declare signedAs: string | null;

  @Column(DataType.UUID)
  declare importedBy: string | null;

  @BelongsTo(() => Person, { foreignKey: 'importedBy', targetKey: 'id' })
  declare importer: Person | null;

  @BelongsTo(() => Person, { foreignKey: 'startedBy', targetKey: 'id' })
  declare person: Person | null;
}
