import type { TaskView } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { companyRows } from '../database/company-rows.js';
import { inTransaction } from '../database/work-context.js';
import { Refusal } from '../errors/refusal.js';
import { LiveNotices } from '../live/live-notices.service.js';
import { Queue } from './queue.service.js';
import { taskNotFound } from './task-not-found.js';
import { Task } from './task.model.js';
import { TASK_COLUMNS, type TaskRow, taskView } from './task-view.js';

const SHOWN = 100;

/** What runs by itself in a company: looked at, cancelled, begun again. */
@Injectable()
export class TasksService {
  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Task) private readonly tasks: typeof Task,
    private readonly queue: Queue,
    private readonly notices: LiveNotices,
  ) {}

  /** The newest first. */
  async list(): Promise<TaskView[]> {
    const rows = await companyRows<TaskRow>(
      this.sequelize,
      `SELECT ${TASK_COLUMNS} FROM tasks t LEFT JOIN people p ON p.company_id = t.company_id AND p.id = t.person_id
       WHERE t.company_id = :companyId ORDER BY t.added_at DESC LIMIT ${SHOWN}`,
    );
    return rows.map(taskView);
  }

  /**
   * Cancels a task: where it runs it ends at its next step, and has no effect.
   *
   * @param personId only where it is this person’s
   */
  cancel(id: string, personId?: string): Promise<void> {
    return this.change(id, async (task) => {
      if (personId !== undefined && task.personId !== personId) throw taskNotFound();
      if (task.endedAt) throw hasEnded(task);
      await task.update({ state: 'cancelled', endedAt: new Date() });
      await this.notices.tellTopic('tasks');
    });
  }

  /** Begins a task again that failed or was cancelled. */
  again(id: string): Promise<void> {
    return this.change(id, async (task) => {
      if (task.state !== 'failed' && task.state !== 'cancelled')
        throw new Refusal(409, {
          code: 'conflict',
          message: `This task is ${task.state}. Only one that failed or was cancelled is begun again.`,
        });
      await task.update({ state: 'waiting', problem: null, done: 0, total: null, endedAt: null });
      await this.queue.send(task);
    });
  }

  private change(id: string, work: (task: Task) => Promise<void>): Promise<void> {
    return inTransaction(this.sequelize, async () => {
      const task = await this.tasks.findOne({ where: { id }, lock: true });
      if (!task) throw taskNotFound();
      await work(task);
    });
  }
}

const hasEnded = ({ state }: Task): Refusal =>
  new Refusal(409, { code: 'conflict', message: `This task has ended already: it is ${state}.` });
