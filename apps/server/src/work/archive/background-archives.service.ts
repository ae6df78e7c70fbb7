import { Injectable } from '@nestjs/common';
import { Queue, type TaskRun } from '../../ground/queue/queue.service.js';
import type { NamedFile } from '../../ground/queue/task-file.model.js';
import { ownBytes } from '../../ground/threads/own-bytes.js';
import { ArchivedJobs } from '../jobs/archived-jobs.service.js';
import { ExportJob } from './export-job.js';
import { ImportJob } from './import-job.js';

interface Given {
  jobId: string;
}

/** Whole jobs written to files and read from them by the queue. */
@Injectable()
export class BackgroundArchives {
  constructor(
    private readonly exporting: ExportJob,
    private readonly importing: ImportJob,
    private readonly jobs: ArchivedJobs,
    private readonly queue: Queue,
  ) {
    queue.does<Given>('job-file', (run) => this.write(run));
    queue.does<object>('job-import', (run) => this.read(run));
  }

  /** Has a job written to a file. @returns the id of the task */
  async askForFile(jobId: string): Promise<string> {
    const { name } = await this.jobs.of(jobId);
    return this.queue.add('job-file', name, { jobId });
  }

  /** Has a job read from a file. @returns the id of the task */
  askForImport(file: NamedFile): Promise<string> {
    return this.queue.add('job-import', file.name, {}, file);
  }

  private async write({ given: { jobId }, once }: TaskRun<Given>): Promise<void> {
    const archive = await this.exporting.archive(jobId);
    const content = Buffer.from(JSON.stringify(archive));
    const file = { name: `${archive.job}.grevik.json`, type: 'application/json', content };
    await once(() => Promise.resolve({ file }));
  }

  private async read({ file, once }: TaskRun<object>): Promise<void> {
    const { content } = await file();
    const pieces = await this.importing.read(ownBytes(content));
    await once(async () => ({ result: { imported: await this.importing.add(pieces) } }));
  }
}
