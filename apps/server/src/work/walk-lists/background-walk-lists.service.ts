import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Queue, type TaskRun } from '../../ground/queue/queue.service.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { Job } from '../jobs/job.model.js';
import { WalkListService, changedSince } from './walk-list.service.js';

interface Given {
  jobId: string;
  /** Rows the person saw would be added. */
  rows: number[];
}

/** Walk lists imported by the queue. */
@Injectable()
export class BackgroundWalkLists {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    private readonly walkLists: WalkListService,
    private readonly queue: Queue,
  ) {
    queue.does<Given>('walk-list-import', (run) => this.take(run));
  }

  /** Has the checked rows of a list imported. @returns the id of the task */
  async askFor(jobId: string, text: string, rows: number[]): Promise<string> {
    const job = await this.jobs.findByPk(jobId, { attributes: ['name'] });
    if (!job) throw jobNotFound();
    const file = { name: 'walk-list.csv', type: 'text/csv', content: Buffer.from(text) };
    return this.queue.add('walk-list-import', job.name, { jobId, rows }, file);
  }

  private async take({ given: { jobId, rows }, file, once }: TaskRun<Given>): Promise<void> {
    const checked = await this.walkLists.checkSeen(jobId, (await file()).content.toString(), rows);
    await once(async () => {
      const taken = await this.walkLists.add(checked);
      if (!taken) throw changedSince();
      return { result: { walkList: { jobId, ...taken } } };
    });
  }
}
