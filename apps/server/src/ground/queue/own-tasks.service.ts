import type { OwnTaskView } from '@grevik/contracts';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../database/company-rows.js';
import { currentPersonId } from '../database/company-scope.js';
import { TaskFile } from './task-file.model.js';
import { taskNotFound } from './task-not-found.js';
import { TASK_COLUMNS, type TaskRow, taskView } from './task-view.js';

const LISTED = 50;

/** Tasks that somebody added and waits for: how far they are, and what came of them. */
@Injectable()
export class OwnTasks {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(TaskFile) private readonly files: typeof TaskFile,
  ) {}

  /** Those of the last day, the newest first: as long as their files are kept. */
  list(): Promise<OwnTaskView[]> {
    return this.rows(`t.added_at > now() - interval '1 day' ORDER BY t.added_at DESC LIMIT ${LISTED}`);
  }

  async show(id: string): Promise<OwnTaskView> {
    const [task] = await this.rows('t.id = :id', { id });
    if (!task) throw taskNotFound();
    return task;
  }

  /** The file that a task made. */
  async file(id: string): Promise<TaskFile> {
    await this.show(id);
    const file = await this.files.findOne({ where: { taskId: id, part: 'made' } });
    if (!file)
      throw new NotFoundException('This file is not there: it is kept for a day. Ask for it once more.');
    return file;
  }

  private async rows(where: string, values: Readonly<Record<string, string>> = {}): Promise<OwnTaskView[]> {
    const rows = await companyRows<TaskRow & Pick<OwnTaskView, 'result' | 'file'>>(
      this.sequelize,
      `SELECT ${TASK_COLUMNS}, t.result,
         CASE WHEN f.name IS NOT NULL THEN jsonb_build_object('name', f.name, 'bytes', length(f.content)) END AS file
       FROM tasks t LEFT JOIN people p ON p.company_id = t.company_id AND p.id = t.person_id
         LEFT JOIN task_files f ON f.company_id = t.company_id AND f.task_id = t.id AND f.part = 'made'
       WHERE t.company_id = :companyId AND t.person_id = :personId AND ${where}`,
      { ...values, personId: currentPersonId() },
    );
    return rows.map(taskView);
  }
}
