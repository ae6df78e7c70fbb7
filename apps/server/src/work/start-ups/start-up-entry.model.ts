import type { HoldTest, ReducerCheck, StartUpStepId, StepValues } from '@grevik/core';
import { BelongsTo, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { Person } from '../../firm/people/person.model.js';

/** One dated fact of a start-up. Never altered; only followed by another. */
@Table({ tableName: 'start_up_entries', underscored: true, timestamps: false })
export class StartUpEntryRow extends Model {
  /** Made on the device that wrote it. */
  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.UUID)
  declare lineId: string;

  @Column(DataType.TEXT)
  declare step: StartUpStepId;

  @Column(DataType.TEXT)
  declare kind: 'item' | 'skip' | 'unskip' | 'reading';

  @Column(DataType.TEXT)
  declare item: string | null;

  @Column(DataType.JSONB)
  declare values: StepValues | null;

  @Column(DataType.TEXT)
  declare reason: string | null;

  @Column(DataType.UUID)
  declare readingId: string | null;

  @Column(DataType.TEXT)
  declare verdict: (HoldTest | ReducerCheck)['verdict'] | null;

  @Column(DataType.DATE)
  declare happenedAt: Date;

  @Column(DataType.UUID)
  declare personId: string | null;

  /** Who wrote it, where an archive brought it. */
  @Column(DataType.TEXT)
  declare signedAs: string | null;

  @Column(DataType.UUID)
  declare importedBy: string | null;

  @BelongsTo(() => Person, { foreignKey: 'importedBy', targetKey: 'id' })
  declare importer: Person | null;

  @BelongsTo(() => Person, { foreignKey: 'personId', targetKey: 'id' })
  declare person: Person | null;
}
