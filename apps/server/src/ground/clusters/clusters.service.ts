import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Sequelize } from 'sequelize';
import { CONNECTIONS } from '../database/limits.js';
import { onCluster, runInScope } from '../database/work-context.js';
import { HOME } from './cluster-addresses.js';
import { ClusterPools } from './cluster-pools.js';
import { CompanyPlaces } from './company-places.js';

/** The databases that companies are spread over. With one alone all of this is nothing but the work itself. */
@Injectable()
export class Clusters implements OnApplicationShutdown {
  private readonly names: readonly string[];
  private readonly places: CompanyPlaces;
  private readonly others: ReadonlyMap<string, Sequelize>;

  /** @param addresses of the further databases, by name */
  constructor(sequelize: Sequelize, addresses: ReadonlyMap<string, string>) {
    this.names = [HOME, ...addresses.keys()];
    this.places = new CompanyPlaces(sequelize);
    this.others = new Map(
      [...addresses].map(([name, address]) => [name, new Sequelize(address, CONNECTIONS)] as const),
    );
    if (this.others.size > 0) new ClusterPools(this.others, this.places).replace(sequelize);
  }

  async onApplicationShutdown(): Promise<void> {
    await Promise.all([...this.others.values()].map((other) => other.close()));
  }

  /** Runs work on the database that everything is found from: sessions, limits, leases. */
  atHome<T>(work: () => T): T {
    return this.others.size === 0 ? work() : onCluster(HOME, work);
  }

  /** Runs work once on each database, and gives everything together. It belongs to no company, and may write only by hand. */
  async onEach<T>(work: () => Promise<readonly T[]>): Promise<T[]> {
    const found: T[] = [];
    for (const name of this.names) found.push(...(await this.across(name, work)));
    return found;
  }

  /**
   * Finds rows of whatever company, for who does not know theirs yet: signing in by e-mail, joining by a link. A database that does not answer
   * is passed over where another has some; where none has, that is said.
   *
   * @param work finds them in one database
   */
  async find<T extends { companyId: string }>(work: () => Promise<readonly T[]>): Promise<T[]> {
    const found: T[] = [];
    let failed: { error: unknown } | undefined;
    for (const name of this.names)
      try {
        for (const row of await this.across(name, work))
          // A company that is moved may stand in two of them for a while.
          if (this.others.size === 0 || (await this.places.of(row.companyId)) === name) found.push(row);
      } catch (error) {
        failed = { error };
      }
    if (found.length === 0 && failed) throw failed.error;
    return found;
  }

  /** Finds one row of whatever company, as `find` does. */
  async findOne<T extends { companyId: string }>(
    work: () => Promise<T | null | undefined>,
  ): Promise<T | undefined> {
    const [found] = await this.find(async () => {
      const row = await work();
      return row ? [row] : [];
    });
    return found;
  }

  private across<T>(name: string, work: () => T): T {
    return runInScope('across', () => (this.others.size === 0 ? work() : onCluster(name, work)));
  }
}
