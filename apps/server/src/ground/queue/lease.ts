import { randomUUID } from 'node:crypto';
import { QueryTypes, type Sequelize } from 'sequelize';

/** What this process calls itself where only one of several may do something. */
const HOLDER = randomUUID();

/**
 * Whether this server is the one that does something now. Whoever holds it keeps it by asking again in time; where it is killed, another takes
 * over once the time is up.
 *
 * @param name of what only one does
 * @param forMs how long it holds from now
 */
export async function holdsLease(sequelize: Sequelize, name: string, forMs: number): Promise<boolean> {
  const held = await sequelize.query<object>(
    `INSERT INTO leases (name, holder, until) VALUES (:name, :holder, now() + make_interval(secs => :seconds))
     ON CONFLICT (name) DO UPDATE SET holder = excluded.holder, until = excluded.until
       WHERE leases.holder = excluded.holder OR leases.until < now()
     RETURNING 1 AS one`,
    { type: QueryTypes.SELECT, replacements: { name, holder: HOLDER, seconds: forMs / 1000 } },
  );
  return held.length > 0;
}
