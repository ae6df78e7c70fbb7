import type { Sequelize } from 'sequelize';
import { currentCluster, currentScope } from '../database/work-context.js';
import { HOME } from './cluster-addresses.js';
import type { CompanyPlaces } from './company-places.js';

/** A pool of connections as Sequelize has it; its typings leave it out. */
interface Pool {
  acquire(type?: string, useMaster?: boolean): Promise<object>;
  release(connection: object): void;
  destroy(connection: object): Promise<void> | void;
  drain(): Promise<unknown>;
  destroyAllNow(): Promise<unknown>;
}

interface ConnectionManager {
  pool: Pool;
}

const managerOf = (sequelize: Sequelize): ConnectionManager =>
  sequelize.connectionManager as unknown as ConnectionManager;

/**
 * A pool that lends connections of the database where the current company lives, in the place of Sequelize's own, as Sequelize itself does for
 * standbys. A transaction keeps the connection that it began with.
 */
export class ClusterPools implements Pool {
  private home: Pool | undefined;
  private readonly lentBy = new WeakMap<object, Pool>();

  constructor(
    private readonly others: ReadonlyMap<string, Sequelize>,
    private readonly places: CompanyPlaces,
  ) {}

  /** Takes the place of the pool of what the models belong to. */
  replace(sequelize: Sequelize): void {
    const manager = managerOf(sequelize);
    this.home = manager.pool;
    manager.pool = this;
  }

  /** Each database’s own. */
  get pools(): Pool[] {
    return [
      ...(this.home ? [this.home] : []),
      ...[...this.others.values()].map((other) => managerOf(other).pool),
    ];
  }

  async acquire(type?: string, useMaster?: boolean): Promise<object> {
    const pool = this.poolOf(await this.clusterOfWork());
    const connection = await pool.acquire(type, useMaster);
    this.lentBy.set(connection, pool);
    return connection;
  }

  release(connection: object): void {
    this.ownerOf(connection)?.release(connection);
  }

  async destroy(connection: object): Promise<void> {
    await this.ownerOf(connection)?.destroy(connection);
  }

  async drain(): Promise<void> {
    await this.home?.drain();
  }

  async destroyAllNow(): Promise<void> {
    await this.home?.destroyAllNow();
  }

  private ownerOf(connection: object): Pool | undefined {
    return this.lentBy.get(connection) ?? this.home;
  }

  private async clusterOfWork(): Promise<string> {
    const scope = currentScope();
    const cluster = currentCluster();
    if (cluster !== undefined) return cluster;
    return scope === undefined || scope === 'across' ? HOME : this.places.of(scope.companyId);
  }

  private poolOf(name: string): Pool {
    const other = this.others.get(name);
    const pool = name === HOME ? this.home : other && managerOf(other).pool;
    if (!pool)
      throw new Error(
        `A company lives in “${name}”, which DATABASE_CLUSTERS does not name: add its address.`,
      );
    return pool;
  }
}
