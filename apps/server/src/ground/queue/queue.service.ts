import { TASK_KINDS, type TaskKind, type TaskResult } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import {
  HttpException,
  Injectable,
  Logger,
  type BeforeApplicationShutdown,
  type OnApplicationBootstrap,
} from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import PgBoss from 'pg-boss';
import { Op, QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import type { Clusters } from '../clusters/clusters.service.js';
import { currentCompanyId, inCompany } from '../database/company-scope.js';
import {
  type AskedBy,
  currentPerson,
  currentRequest,
  currentTransaction,
  inTransaction,
} from '../database/work-context.js';
import { Refusal } from '../errors/refusal.js';
import { LiveNotices } from '../live/live-notices.service.js';
import { TaskFile, type NamedFile } from './task-file.model.js';
import { Task } from './task.model.js';

/**
 * Each kind has a queue of its own, so that short work never waits for long work: how many of it one server does at once, and how long one may
 * take, s. A task whose server was killed is begun again by another after as long.
 */
const QUEUES: Readonly<Record<TaskKind, { atOnce: number; mostS: number }>> = {
  quote: { atOnce: 2, mostS: 60 },
  'judge-jobs': { atOnce: 1, mostS: 900 },
  'budget-file': { atOnce: 1, mostS: 300 },
  'job-file': { atOnce: 1, mostS: 300 },
  'job-import': { atOnce: 1, mostS: 600 },
  'walk-list-import': { atOnce: 1, mostS: 300 },
  'catalogue-import': { atOnce: 1, mostS: 300 },
};
/** What has ended is shown so long, ms. */
const KEPT_MS = 30 * 24 * 3600 * 1000;
/** What a task was given or made is kept so long after it ended, ms. */
const FILES_KEPT_MS = 24 * 3600 * 1000;
/** So often lost tasks are looked for, s. */
const LOOK_EVERY_S = 20;
const RETRIES = 3;
const RETRY_S = 2;
const POLL_S = 2;
/** Its statements may take as long as any other’s. */
const CONNECTIONS = 3;

/** What a task works with. */
export interface TaskRun<Given> {
  given: Given;
  /** The file that came with it. */
  file(): Promise<TaskFile>;
  /** Whether nobody begins it again where it fails now. */
  isLastTry: boolean;
  /** Says how far it is. Throws where it was cancelled meanwhile. */
  progress(done: number, total: number): Promise<void>;
  /** Does what the task is for, once: where it was done before, or cancelled, nothing is done. Short: it cannot be cancelled meanwhile. */
  once(effect: () => Promise<TaskMade | void>): Promise<void>;
}

/** What a task leaves behind. */
export interface TaskMade {
  file?: NamedFile;
  result?: TaskResult;
}
type Work<Given> = (run: TaskRun<Given>) => Promise<void>;

interface Sent {
  companyId: string;
  personId: string | null;
  taskId: string;
  requestId: string | null;
}

class Cancelled extends Error {}

/** Work that outlives its request, in a queue in PostgreSQL (pg-boss): any server does it, it survives any of them, and has its effect once. */
@Injectable()
export class Queue implements OnApplicationBootstrap, BeforeApplicationShutdown {
  private readonly logger = new Logger(Queue.name);
  private readonly works = new Map<TaskKind, Work<never>>();
  /** One for each database that companies live in: a task waits where the rows of its company are. */
  private readonly bosses: readonly PgBoss[];
  private readonly workers = new Map<TaskKind, (() => void)[]>();
  private started: Promise<unknown> = Promise.resolve();

  constructor(
    databaseUrls: readonly string[],
    @InjectConnection() private readonly sequelize: Sequelize,
    @InjectModel(Task) private readonly tasks: typeof Task,
    private readonly notices: LiveNotices,
    @InjectModel(TaskFile) private readonly files: typeof TaskFile,
    private readonly clusters: Clusters,
  ) {
    this.bosses = databaseUrls.map((connectionString) => {
      const boss = new PgBoss({
        connectionString,
        max: CONNECTIONS,
        schedule: false,
        maintenanceIntervalSeconds: LOOK_EVERY_S,
      });
      // The database may be away for a while: it is asked again.
      boss.on('error', (error) => this.logger.warn(String(error)));
      return boss;
    });
  }

  /** Says how tasks of a kind are done. */
  does<Given>(kind: TaskKind, work: Work<Given>): void {
    this.works.set(kind, work as Work<never>);
  }

  async onApplicationBootstrap(): Promise<void> {
    this.started = this.begin();
    await this.started;
  }

  /** Ends once what runs is through, or after a while: another server then begins it again. */
  async beforeApplicationShutdown(): Promise<void> {
    await this.started.catch(() => undefined);
    await Promise.all(this.bosses.map((boss) => boss.stop({ graceful: true, wait: true, timeout: 10_000 })));
  }

  /**
   * Adds a task, in the transaction of what it follows from.
   *
   * @param what  it is about, as people read it
   * @param given what it needs to be done
   * @param file  what it works on, where that is large
   */
  async add(kind: TaskKind, what: string, given: object, file?: NamedFile): Promise<string> {
    return inTransaction(this.sequelize, async () => {
      await this.forgetOld();
      const task = await this.tasks.create({
        kind,
        what,
        given,
        personId: currentPerson() ?? null,
        requestId: currentRequest() ?? null,
      });
      if (file) await this.files.create({ taskId: task.id, part: 'given', ...file });
      await this.send(task);
      return task.id;
    });
  }

  /** Adds a task unless one of its kind is waiting already, which then does for both. */
  async addUnlessWaiting(kind: TaskKind, what: string, given: object): Promise<void> {
    await inTransaction(this.sequelize, async () => {
      if ((await this.tasks.count({ where: { kind, state: 'waiting' } })) === 0)
        await this.add(kind, what, given);
    });
  }

  /** Sends a task to the workers: now, once the transaction is through. */
  async send(task: Task): Promise<void> {
    const data: Sent = {
      companyId: currentCompanyId(),
      personId: task.personId,
      taskId: task.id,
      requestId: task.requestId,
    };
    // Any of them writes the same; where it goes the open company says.
    await this.bosses[0]?.send(task.kind, data, {
      expireInSeconds: QUEUES[task.kind].mostS,
      retryLimit: RETRIES,
      retryDelay: RETRY_S,
      retryBackoff: true,
      db: { executeSql: (sql, values) => this.execute(sql, values) },
    });
    await this.notices.tellTopic('tasks');
    currentTransaction()?.afterCommit(() => {
      for (const notify of this.workers.get(task.kind) ?? []) notify();
    });
  }

  private async forgetOld(): Promise<void> {
    const endedBefore = (keptMs: number) => ({ endedAt: { [Op.lt]: new Date(Date.now() - keptMs) } });
    await this.tasks.destroy({ where: endedBefore(KEPT_MS) });
    const old = await this.tasks.findAll({ attributes: ['id'], where: endedBefore(FILES_KEPT_MS) });
    await this.files.destroy({ where: { taskId: old.map(({ id }) => id) } });
  }

  private async begin(): Promise<void> {
    for (const boss of this.bosses) await this.beginWith(boss);
    await this.sendLost();
  }

  private async beginWith(boss: PgBoss): Promise<void> {
    await boss.start();
    for (const kind of TASK_KINDS) {
      await boss.createQueue(kind);
      const workers = this.workers.get(kind) ?? [];
      for (let at = 0; at < QUEUES[kind].atOnce; at += 1) {
        const worker = await boss.work<Sent>(
          kind,
          { pollingIntervalSeconds: POLL_S, includeMetadata: true },
          async ([job]) => {
            if (job) await this.run(job);
          },
        );
        workers.push(() => boss.notifyWorker(worker));
      }
      this.workers.set(kind, workers);
    }
  }

  /** Sends what waits and is in no queue: after a backup was restored. Sent by two servers at once it has its effect once all the same. */
  private async sendLost(): Promise<void> {
    const lost = await this.clusters.find(() =>
      this.sequelize.query<{ id: string; companyId: string }>(
        `SELECT t.id, t.company_id AS "companyId" FROM tasks t WHERE t.state IN ('waiting', 'running')
           AND NOT EXISTS (SELECT 1 FROM pgboss.job j WHERE j.data->>'taskId' = t.id::text AND j.state < 'completed')`,
        { type: QueryTypes.SELECT },
      ),
    );
    for (const { id, companyId } of lost)
      await inCompany(companyId, async () => {
        const task = await this.tasks.findOne({ where: { id } });
        if (task) await this.send(task);
      });
  }

  private run({ data, retryCount, retryLimit }: PgBoss.JobWithMetadata<Sent>): Promise<void> {
    const { companyId, personId, taskId, requestId } = data;
    const by: AskedBy = { personId: personId ?? undefined, requestId: requestId ?? undefined };
    return inCompany(
      companyId,
      async () => {
        const isLastTry = retryCount >= retryLimit;
        const task = await this.tasks.findOne({ where: { id: taskId, state: ['waiting', 'running'] } });
        const work = task && this.works.get(task.kind);
        if (!work) return;
        await this.update(taskId, { state: 'running', tries: task.tries + 1 });
        try {
          await work(this.runOf(task, isLastTry) as TaskRun<never>);
          await this.end(taskId, 'done', null);
        } catch (error) {
          if (error instanceof Cancelled) return;
          const problem = error instanceof Error ? error.message : String(error);
          this.logger.warn({
            message: problem,
            task: taskId,
            kind: task.kind,
            requestId,
            tries: task.tries + 1,
          });
          // What was refused is refused the next time as well.
          if (isLastTry || isRefusal(error)) return this.end(taskId, 'failed', problem);
          await this.update(taskId, { state: 'waiting', problem });
          throw error;
        }
      },
      by,
    );
  }

  private runOf({ id, given }: Task, isLastTry: boolean): TaskRun<object> {
    return {
      given,
      isLastTry,
      file: () => this.givenFile(id),
      progress: async (done, total) => {
        const [still] = await this.tasks.update({ done, total }, { where: { id, state: 'running' } });
        if (still === 0) throw new Cancelled();
        await this.notices.tellTopic('tasks');
      },
      once: (effect) =>
        inTransaction(this.sequelize, async () => {
          const task = await this.tasks.findOne({ where: { id, state: 'running' }, lock: true });
          if (!task) throw new Cancelled();
          const made = (await effect()) ?? {};
          if (made.file) await this.files.create({ taskId: id, part: 'made', ...made.file });
          if (made.result) await task.update({ result: made.result });
          await this.end(id, 'done', null);
        }),
    };
  }

  private async givenFile(taskId: string): Promise<TaskFile> {
    const file = await this.files.findOne({ where: { taskId, part: 'given' } });
    if (!file)
      throw new Refusal(404, {
        code: 'not-found',
        message: 'The file of this task was kept for a day, and is gone. Import it once more.',
      });
    return file;
  }

  private end(id: string, state: 'done' | 'failed', problem: string | null): Promise<void> {
    return this.update(id, { state, problem, endedAt: new Date() });
  }

  /** Writes down what became of a task that has not ended. */
  private async update(
    id: string,
    values: Partial<Pick<Task, 'state' | 'tries' | 'problem' | 'endedAt'>>,
  ): Promise<void> {
    const [changed] = await this.tasks.update(values, { where: { id, state: ['waiting', 'running'] } });
    if (changed > 0) await this.notices.tellTopic('tasks');
  }

  /** A statement of pg-boss, in the open transaction. */
  private async execute(sql: string, values: unknown[]): Promise<{ rows: unknown[] }> {
    const bind = values.map((value) => value ?? null);
    const rows = await this.sequelize.query(sql, { type: QueryTypes.SELECT, bind });
    return { rows };
  }
}

/** What was asked for cannot be done, however often it is tried; too much at once can. */
const isRefusal = (error: unknown): boolean =>
  (error instanceof Refusal && error.status !== 429) ||
  error instanceof InvalidInput ||
  error instanceof HttpException;
