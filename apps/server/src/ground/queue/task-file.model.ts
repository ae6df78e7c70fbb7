import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** A file as it comes and goes. */
export interface NamedFile {
  name: string;
  /** Its media type. */
  type: string;
  content: Buffer;
}

/** A file that a task is given, or that it makes. */
@Table({ tableName: 'task_files', underscored: true, timestamps: false })
export class TaskFile extends Model implements NamedFile {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  @PrimaryKey
  @Column(DataType.UUID)
  declare taskId: string;

  @PrimaryKey
  @Column(DataType.TEXT)
  declare part: 'given' | 'made';

  @Column(DataType.TEXT)
  declare name: string;

  @Column(DataType.TEXT)
  declare type: string;

  @Column(DataType.BLOB)
  declare content: Buffer<ArrayBuffer>;
}
