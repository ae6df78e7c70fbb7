import type { BudgetSettings, MovedByHand } from '@grevik/core';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** What a budget of replacements rests on, and what was moved in it by hand: of the company, or of a job. */
@Table({ tableName: 'budgets', underscored: true, timestamps: false })
export class Budget extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare companyId: string;

  /** The company or the job. */
  @PrimaryKey
  @Column(DataType.UUID)
  declare subjectId: string;

  @Column(DataType.JSONB)
  declare settings: BudgetSettings;

  @Column(DataType.JSONB)
  declare moved: MovedByHand;

  @Column(DataType.INTEGER)
  declare version: number;
}
