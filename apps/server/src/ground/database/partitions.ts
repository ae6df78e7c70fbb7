import { QueryTypes, type Sequelize } from 'sequelize';

/** A table that grows without end, in parts by time. */
export interface Partitioned {
  table: string;
  /** The moment that says into which part a row goes. */
  by: string;
  step: 'year' | 'month';
}

export const PARTITIONED: readonly Partitioned[] = [
  { table: 'changes', by: 'at', step: 'year' },
  { table: 'entries', by: 'received_at', step: 'year' },
  { table: 'reading_samples', by: 'started_at', step: 'year' },
  { table: 'level_samples', by: 'at', step: 'month' },
];

/** So far ahead parts are there: a server is started again sooner. What lies beyond goes to a part of its own, and is kept all the same. */
const AHEAD_YEARS = 2;

/**
 * The parts of a table from one moment to another: their names and where they begin and end, UTC.
 *
 * @example
 * partsBetween({ table: 'entries', by: 'received_at', step: 'year' }, new Date('2026-03-01'), new Date('2027-01-01'));
 * // [{ name: 'entries_2026', from: '2026-01-01', to: '2027-01-01' }, { name: 'entries_2027', from: '2027-01-01', to: '2028-01-01' }]
 */
export function partsBetween(
  { table, step }: Partitioned,
  first: Date,
  last: Date,
): { name: string; from: string; to: string }[] {
  const months = step === 'year' ? 12 : 1;
  const begin = (at: number): Date => new Date(Date.UTC(first.getUTCFullYear(), at * months));
  const parts = [];
  for (let at = step === 'year' ? 0 : first.getUTCMonth(); begin(at) <= last; at += 1) {
    const [from, to] = [begin(at), begin(at + 1)].map((one) => one.toISOString().slice(0, 10)) as [
      string,
      string,
    ];
    parts.push({ name: `${table}_${from.slice(0, step === 'year' ? 4 : 7).replace('-', '')}`, from, to });
  }
  return parts;
}

/** Adds the parts of the tables for now and for years ahead, where they are not there yet. */
export async function keepPartitions(sequelize: Sequelize, now = new Date()): Promise<void> {
  for (const one of PARTITIONED) await addParts(sequelize, one, now, now);
}

/** Adds the parts of one table from a moment on, until years after now. */
export async function addParts(
  sequelize: Sequelize,
  one: Partitioned,
  first: Date,
  now: Date,
): Promise<void> {
  const ahead = new Date(Date.UTC(now.getUTCFullYear() + AHEAD_YEARS, now.getUTCMonth()));
  const { table, by } = one;
  const there = await sequelize.query<{ name: string }>(
    `SELECT c.relname AS name FROM pg_inherits i JOIN pg_class c ON c.oid = i.inhrelid WHERE i.inhparent = to_regclass(:table)`,
    { type: QueryTypes.SELECT, replacements: { table } },
  );
  const names = new Set(there.map(({ name }) => name));
  for (const { name, from, to } of partsBetween(one, first, ahead)) {
    if (names.has(name)) continue;
    const range = `FROM ('${from} 00:00:00+00') TO ('${to} 00:00:00+00')`;
    // What came before its part was there stays where it is; the part would refuse to be.
    const [strays] = await sequelize.query<{ are: boolean }>(
      `SELECT EXISTS (SELECT 1 FROM ${table}_rest WHERE ${by} >= '${from} 00:00:00+00' AND ${by} < '${to} 00:00:00+00') AS are`,
      { type: QueryTypes.SELECT },
    );
    if (!strays?.are) await sequelize.query(`CREATE TABLE ${name} PARTITION OF ${table} FOR VALUES ${range}`);
  }
}
