import { QueryTypes, type Sequelize } from 'sequelize';
import { onCluster } from '../database/work-context.js';
import { Refusal } from '../errors/refusal.js';
import { HOME } from './cluster-addresses.js';

/** For so long a server goes by what it last read; a move waits longer before it begins, ms. */
const KEPT_MS = 1_000;

interface Place {
  cluster: string;
  movingTo: string | null;
}

/** The table of addresses: in which cluster each company lives. It is in the database that everything is found from. */
export class CompanyPlaces {
  private read: { at: number; places: Promise<ReadonlyMap<string, Place>> } | undefined;

  constructor(private readonly sequelize: Sequelize) {}

  /**
   * The cluster of a company.
   *
   * @throws Refusal while the company is moved to another
   */
  async of(companyId: string): Promise<string> {
    const place = (await this.all()).get(companyId);
    if (place !== undefined && place.movingTo !== null)
      throw new Refusal(503, {
        code: 'unavailable',
        message:
          'Your company is being moved to another database, which takes a few minutes. Try again then.',
      });
    return place?.cluster ?? HOME;
  }

  /** One reading for all that is asked within a second: the table has a row for each company that ever moved. */
  private all(): Promise<ReadonlyMap<string, Place>> {
    if (this.read === undefined || Date.now() - this.read.at > KEPT_MS) {
      const read = { at: Date.now(), places: this.load() };
      this.read = read;
      read.places.catch(() => {
        if (this.read === read) this.read = undefined;
      });
    }
    return this.read.places;
  }

  private async load(): Promise<ReadonlyMap<string, Place>> {
    const rows = await onCluster(HOME, () =>
      this.sequelize.query<Place & { companyId: string }>(
        `SELECT company_id AS "companyId", cluster, moving_to AS "movingTo" FROM company_places`,
        { type: QueryTypes.SELECT },
      ),
    );
    return new Map(rows.map(({ companyId, ...place }) => [companyId, place]));
  }
}
