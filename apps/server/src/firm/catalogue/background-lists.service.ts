import type { CatalogueFormat } from '@grevik/contracts';
import { Injectable } from '@nestjs/common';
import { Queue, type TaskRun } from '../../ground/queue/queue.service.js';
import { CatalogueListService, type Seen } from './catalogue-list.service.js';

interface Given extends Seen {
  format: CatalogueFormat;
}

/** Lists of models imported by the queue. */
@Injectable()
export class BackgroundLists {
  constructor(
    private readonly lists: CatalogueListService,
    private readonly queue: Queue,
  ) {
    queue.does<Given>('catalogue-import', (run) => this.take(run));
  }

  /** Has a checked list imported. @returns the id of the task */
  askFor(text: string, given: Given): Promise<string> {
    const type = given.format === 'json' ? 'application/json' : 'text/csv';
    const file = { name: `catalogue.${given.format}`, type, content: Buffer.from(text) };
    return this.queue.add('catalogue-import', given.format.toUpperCase(), given, file);
  }

  private async take({ given: { format, ...seen }, file, once }: TaskRun<Given>): Promise<void> {
    const read = await this.lists.read(format, (await file()).content.toString());
    await once(async () => {
      const { adds, changes } = await this.lists.takeRead(read, seen);
      return { result: { models: { adds: adds.length, changes: changes.length } } };
    });
  }
}
