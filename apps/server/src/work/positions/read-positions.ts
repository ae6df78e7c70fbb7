import type { PickView, PositionView } from '@grevik/contracts';
import {
  type Condition,
  type HookUpChoices,
  type LineFacts,
  type PositionDuty,
  type WalkItem,
  dutyOnLine,
} from '@grevik/core';
import type { Sequelize } from 'sequelize';
import { companyRows } from '../../ground/database/company-rows.js';

interface Row {
  id: string;
  tag: string;
  remarks: string;
  duty: PositionDuty;
  version: number;
  lastChange: string | null;
  changedBy: string | null;
  updatedAt: Date;
  modelId: string | null;
  reason: string;
  verdict: PickView['verdict'];
  edges: PickView['edges'];
  pickedAt: Date;
  pickedBy: string | null;
  hookUp: HookUpChoices;
  condition: Condition;
  longitude: number | null;
  latitude: number | null;
  photos: string[];
}

/** What the positions of a line take over from it and from its walk. */
export interface WalkedLine {
  facts: LineFacts;
  items: readonly WalkItem[];
}

/**
 * Positions of a line as the interface sees them, each with what its duty takes over from line and walk, its pick and the names of who picked and changed it, in the order the water
 * goes. One plain query, since a line of hundreds is read at every step: by the index over company, line and place.
 *
 * @param line what is known of it; read unless given
 */
export async function readPositions(
  sequelize: Sequelize,
  lineId: string,
  line?: WalkedLine,
): Promise<PositionView[]> {
  const rows = await companyRows<Row>(sequelize, read({ where: 'p.line_id = :lineId' }), { lineId });
  if (rows.length === 0) return [];
  const { facts, items } = line ?? (await readWalkedLine(sequelize, lineId));
  const dutyOf = dutyOnLine(items, facts);
  return rows.map((row) => viewOf({ ...row, duty: dutyOf(row.duty, row.id) }));
}

/** One position in the same way; undefined where the company has none of that id. */
export async function readPosition(sequelize: Sequelize, id: string): Promise<PositionView | undefined> {
  const [row] = await companyRows<Row & WalkedLine>(
    sequelize,
    read({
      where: 'p.id = :id',
      columns: `, l.facts, coalesce(w.items, '[]') AS items`,
      joins: `JOIN lines l ON l.company_id = p.company_id AND l.id = p.line_id
       LEFT JOIN walks w ON w.company_id = p.company_id AND w.line_id = p.line_id`,
    }),
    { id },
  );
  return row && viewOf({ ...row, duty: dutyOnLine(row.items, row.facts)(row.duty, row.id) });
}

const read = ({
  where,
  columns = '',
  joins = '',
}: {
  where: string;
  columns?: string;
  joins?: string;
}): string =>
  `SELECT p.id, p.tag, p.remarks, p.duty, p.version, p.last_change AS "lastChange", c.name AS "changedBy",
      p.updated_at AS "updatedAt", k.model_id AS "modelId", k.reason, k.verdict, k.edges, k.picked_at AS "pickedAt",
      coalesce(b.name, k.signed_as || ' (imported' || coalesce(' by ' || i.name, '') || ')') AS "pickedBy",
      p.hook_up AS "hookUp", p.condition, p.longitude, p.latitude,
      ARRAY(SELECT f.id FROM photos f WHERE f.company_id = p.company_id AND f.position_id = p.id ORDER BY f.taken_at) AS photos${columns}
   FROM positions p
     LEFT JOIN picks k ON k.company_id = p.company_id AND k.position_id = p.id
     LEFT JOIN people b ON b.company_id = p.company_id AND b.id = k.picked_by
     LEFT JOIN people i ON i.company_id = p.company_id AND i.id = k.imported_by
     LEFT JOIN people c ON c.company_id = p.company_id AND c.id = p.changed_by
     ${joins}
   WHERE p.company_id = :companyId AND ${where}
   ORDER BY p.place_on_line`;

async function readWalkedLine(sequelize: Sequelize, lineId: string): Promise<WalkedLine> {
  const [line] = await companyRows<WalkedLine>(
    sequelize,
    `SELECT l.facts, coalesce(w.items, '[]') AS items
     FROM lines l LEFT JOIN walks w ON w.company_id = l.company_id AND w.line_id = l.id
     WHERE l.company_id = :companyId AND l.id = :lineId`,
    { lineId },
  );
  return line ?? { facts: {}, items: [] };
}

function viewOf(row: Row): PositionView {
  const { id, tag, remarks, duty, version, lastChange, changedBy, updatedAt } = row;
  return {
    id,
    tag,
    remarks,
    duty,
    version,
    pick:
      row.modelId === null
        ? null
        : {
            modelId: row.modelId,
            reason: row.reason,
            verdict: row.verdict,
            edges: row.edges,
            pickedAt: row.pickedAt.toISOString(),
            pickedBy: row.pickedBy,
          },
    hookUp: row.hookUp,
    condition: row.condition,
    coordinates: row.longitude === null || row.latitude === null ? null : [row.longitude, row.latitude],
    photos: row.photos,
    changed:
      lastChange !== null && changedBy !== null
        ? { id: lastChange, by: changedBy, at: updatedAt.toISOString() }
        : null,
  };
}
