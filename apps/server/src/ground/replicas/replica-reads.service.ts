import { setTimeout as pause } from 'node:timers/promises';
import { Injectable, Logger } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { currentTransaction } from '../database/work-context.js';
import { databaseTrouble } from '../errors/database-trouble.js';

/** How long a read waits for a replica to catch up, and how often it looks, ms. */
const WAIT_MS = 100;
const LOOK_MS = 5;
/** For so long nothing is asked of replicas after one was late or gone, ms. */
const REST_MS = 5_000;
/** SQLSTATE of a write where only reads are taken. */
const READ_ONLY = '25006';

/** The replica has not caught up. */
class Late extends Error {}

export type ReplicaOutcome = 'replica' | 'late' | 'gone' | 'wrote';

/**
 * Heavy reads from a replica (PostgreSQL streaming replication), each in one transaction of it. None is stale: the replica must have replayed
 * everything that was written when the read began; where it is late, gone, or something is to be written after all, the primary does it.
 */
@Injectable()
export class ReplicaReads {
  /** How reads ended that could have come from a replica. */
  readonly counts: Record<ReplicaOutcome, number> = { replica: 0, late: 0, gone: 0, wrote: 0 };
  private readonly logger = new Logger(ReplicaReads.name);
  private restsUntil = 0;

  constructor(
    @InjectConnection() private readonly sequelize: Sequelize,
    private readonly hasReplicas: boolean,
  ) {
    if (!hasReplicas) return;
    // Sequelize would send every read to replicas: only what is asked for here goes there, which is a transaction that reads.
    sequelize.addHook('beforePoolAcquire', (options: { uuid?: string; useMaster?: boolean }) => {
      if (options.uuid === undefined) options.useMaster = true;
    });
  }

  /**
   * Runs work that only reads.
   *
   * @param work  may be run twice: from a replica, and from the primary where that failed
   * @param isDone whether what it does is out already, and is not begun again
   */
  async read<T>(work: () => Promise<T>, isDone: () => boolean = () => false): Promise<T> {
    if (!this.hasReplicas || currentTransaction() !== undefined || Date.now() < this.restsUntil)
      return work();
    const written = await this.written();
    if (written === undefined) return work();
    try {
      const result = await this.sequelize.transaction({ readOnly: true }, async () => {
        await this.catchUp(written);
        return work();
      });
      this.counts.replica += 1;
      return result;
    } catch (error) {
      const outcome = outcomeOf(error);
      if (outcome === undefined || isDone()) throw error;
      this.counts[outcome] += 1;
      if (outcome !== 'wrote') {
        this.restsUntil = Date.now() + REST_MS;
        this.logger.warn(`A replica is ${outcome}: the primary answers for it. ${String(error)}`);
      }
      return work();
    }
  }

  /** How far the log is; undefined where the primary cannot say, as while it recovers: whoever asks it then hears of that. */
  private async written(): Promise<string | undefined> {
    const rows = await this.sequelize
      .query<{ written: string }>('SELECT pg_current_wal_lsn()::text AS written', { type: QueryTypes.SELECT })
      .catch(() => []);
    return rows[0]?.written;
  }

  /** Waits until the replica of the open transaction has replayed what was written. */
  private async catchUp(written: string): Promise<void> {
    const until = Date.now() + WAIT_MS;
    for (;;) {
      const [{ is }] = (await this.sequelize.query<{ is: boolean | null }>(
        'SELECT NOT pg_is_in_recovery() OR pg_last_wal_replay_lsn() >= :written::pg_lsn AS is',
        { type: QueryTypes.SELECT, replacements: { written } },
      )) as [{ is: boolean | null }];
      if (is) return;
      if (Date.now() > until) throw new Late(`It is behind ${written}.`);
      await pause(LOOK_MS);
    }
  }
}

function outcomeOf(error: unknown): Exclude<ReplicaOutcome, 'replica'> | undefined {
  if (error instanceof Late) return 'late';
  if ((error as { original?: { code?: string } }).original?.code === READ_ONLY) return 'wrote';
  return databaseTrouble(error) === undefined ? undefined : 'gone';
}
