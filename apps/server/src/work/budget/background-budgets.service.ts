import type { BudgetFile } from '@grevik/contracts';
import type { Language } from '@grevik/words';
import { Injectable } from '@nestjs/common';
import { Queue, type TaskRun } from '../../ground/queue/queue.service.js';
import { BudgetService } from './budget.service.js';

const TYPES: Readonly<Record<BudgetFile, string>> = {
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  pdf: 'application/pdf',
};

interface Given {
  jobId?: string;
  format: BudgetFile;
  language: Language;
}

/** Budgets written as files by the queue: of a whole company that takes longer than somebody should wait for an answer. */
@Injectable()
export class BackgroundBudgets {
  constructor(
    private readonly budgets: BudgetService,
    private readonly queue: Queue,
  ) {
    queue.does<Given>('budget-file', (run) => this.write(run));
  }

  /** @returns the id of the task */
  async ask(jobId: string | undefined, format: BudgetFile, language: Language): Promise<string> {
    const name = await this.budgets.nameOf(jobId);
    return this.queue.add('budget-file', name, { ...(jobId !== undefined && { jobId }), format, language });
  }

  private async write({ given: { jobId, format, language }, once }: TaskRun<Given>): Promise<void> {
    const { name, file } = await this.budgets.file(jobId, format, language);
    await once(() => Promise.resolve({ file: { name, type: TYPES[format], content: Buffer.from(file) } }));
  }
}
