import type { EntryView } from '@grevik/contracts';
import type { Sequelize } from 'sequelize';
import { companyRows } from '../../ground/database/company-rows.js';
import { signedBy } from '../../firm/people/signature.js';

type EntryRow = Omit<EntryView, 'happenedAt'> & { happenedAt: Date };

/**
 * Entries as the interface sees them, newest first: those of a position, or the one of an id. One plain query, since a position's log is read at
 * every step along a line.
 *
 * @param most how many at most
 */
export async function readEntries(
  sequelize: Sequelize,
  where: { positionId: string } | { id: string },
  most: number,
): Promise<EntryView[]> {
  const rows = await companyRows<EntryRow>(
    sequelize,
    `SELECT e.id, e.kind, e.text, e.turns, e.found, e.finding, e.visit, e.happened_at AS "happenedAt", ${signedBy('e', 'e.by_device')} AS by
     FROM entries e
       LEFT JOIN people p ON p.company_id = e.company_id AND p.id = e.person_id
       LEFT JOIN people i ON i.company_id = e.company_id AND i.id = e.imported_by
     WHERE e.company_id = :companyId AND ${'id' in where ? 'e.id = :id' : 'e.position_id = :positionId'}
     ORDER BY e.happened_at DESC, e.received_at DESC LIMIT :most`,
    { ...where, most },
  );
  return rows.map((row) => ({ ...row, happenedAt: row.happenedAt.toISOString() }));
}
