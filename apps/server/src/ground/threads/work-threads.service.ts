import { join } from 'node:path';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Piscina } from 'piscina';
import { currentCompanyId } from '../database/company-scope.js';
import { Refusal } from '../errors/refusal.js';
import { SERVER_FOLDER } from '../settings/server-folder.js';
import { FairQueue } from './fair-queue.js';
import type { Answered, Ordered, Tasks } from './task.js';

/** More than a small machine has cores: short work goes on beside long work. */
const THREADS = 4;
/** As many of them as the work of one sender has at once. */
export const THREADS_EACH = THREADS / 2;
const MEMORY_MB = 512;
const IDLE_MS = 60_000;

/** For whom work is done, and how long it may take. */
export interface Budget {
  /** The company, or the address of whoever is signed in to none. */
  sender: string;
  mostMs: number;
  /** What to do where it takes longer, in a sentence. */
  insteadOfLong: string;
}

/**
 * Work that would hold up other requests, in threads with a limit of memory and time, and a turn for everybody. What is over its budget is
 * ended and refused; the thread is replaced.
 */
@Injectable()
export class WorkThreads implements OnApplicationShutdown {
  private readonly queue = new FairQueue({ atOnce: THREADS, each: THREADS_EACH, waiting: 200 });
  private readonly pool = new Piscina({
    // What is built: a worker loads no TypeScript, so that tests run the one that ships.
    filename: join(SERVER_FOLDER, 'dist/thread.js'),
    minThreads: 0,
    maxThreads: THREADS,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
  });

  /**
   * Runs a task.
   *
   * @param transfer buffers that the thread takes over, so that they need not be copied
   * @throws the task's own refusal; Refusal 422 where it is over its budget, 429 where too much of the sender waits
   */
  async run<Name extends keyof Tasks>(
    task: Name,
    given: Parameters<Tasks[Name]>[0],
    { sender, mostMs, insteadOfLong }: Budget,
    transfer: readonly ArrayBuffer[] = [],
  ): Promise<Awaited<ReturnType<Tasks[Name]>>> {
    const turn = await this.queue.turn(sender);
    if (!turn)
      throw new Refusal(429, {
        code: 'too-many',
        message: 'Too many of your calculations are waiting. Wait until some are done, then send this again.',
      });
    const time = AbortSignal.timeout(mostMs);
    try {
      const answered = (await this.pool.run({ task, given } satisfies Ordered, {
        signal: time,
        transferList: [...transfer],
      })) as Answered;
      if ('refused' in answered) throw new Refusal(answered.refused.status, answered.refused.error);
      return ('value' in answered ? answered.value : answered) as Awaited<ReturnType<Tasks[Name]>>;
    } catch (error) {
      if (time.aborted) throw overBudget(`This takes longer than ${mostMs / 1000} s. ${insteadOfLong}`);
      if ((error as NodeJS.ErrnoException).code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw overBudget(`This takes more than ${MEMORY_MB} MB of memory. ${insteadOfLong}`);
      throw error;
    } finally {
      turn.end();
    }
  }

  /** How many tasks are under way, and how many wait. */
  get tasks(): { running: number; waiting: number } {
    return this.queue.counts;
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.destroy();
  }
}

/** What a list that somebody imports may take. */
export const listBudget = (): Budget => ({
  sender: currentCompanyId(),
  mostMs: 20_000,
  insteadOfLong: 'Import the list in parts.',
});

export const overBudget = (message: string): Refusal => new Refusal(422, { code: 'over-budget', message });
