import type { TaskKind, TaskResult, TaskState } from '@grevik/contracts';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** Work that goes on by itself: what it is, how far it is, how it ended. */
@Table({ tableName: 'tasks', underscored: true, timestamps: false })
export class Task extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @Column(DataType.TEXT)
  declare kind: TaskKind;

  @Column(DataType.TEXT)
  declare what: string;

  /** What it needs to be done, as whoever added it gave it. */
  @Column(DataType.JSONB)
  declare given: object;

  @Default('waiting')
  @Column(DataType.TEXT)
  declare state: TaskState;

  @Default(0)
  @Column(DataType.INTEGER)
  declare done: number;

  @Column(DataType.INTEGER)
  declare total: number | null;

  @Default(0)
  @Column(DataType.INTEGER)
  declare tries: number;

  @Column(DataType.TEXT)
  declare problem: string | null;

  /** What came of it, beside a file. */
  @Column(DataType.JSONB)
  declare result: TaskResult | null;

  /** The request that it follows from, as the log names it. */
  @Column(DataType.TEXT)
  declare requestId: string | null;

  @Column(DataType.UUID)
  declare personId: string | null;

  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare addedAt: Date;

  @Column(DataType.DATE)
  declare endedAt: Date | null;
}
