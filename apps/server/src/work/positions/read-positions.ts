import type { PickView, PositionView } from '@grevik/contracts';
import {
  type Condition,
  type HookUpChoices,
  type LineFacts,
  type PositionDuty,
  type WalkItem,
  dutyOnLine,
} from '@grevik/core';
import { QueryTypes, type Sequelize } from 'sequelize';
import { currentCompanyId } from '../../ground/database/company-scope.js';

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
  photos: string[] | null;
}

/**
 * Positions as the interface sees them, each with what its duty takes over from line and walk, its pick and the names of who picked and changed it, in the order the water goes. One
 * plain query, since a line of hundreds is read at every step: by the index over company, line and place, or by its id.
 *
 * @param where a whole line, or one position
 */
export async function readPositions(
  sequelize: Sequelize,
  where: { lineId: string } | { id: string },
): Promise<PositionView[]> {
  const rows = await sequelize.query<Row>(
    `SELECT p.id, p.tag, p.remarks, p.duty, p.version, p.last_change AS "lastChange", c.name AS "changedBy",
            p.updated_at AS "updatedAt", k.model_id AS "modelId", k.reason, k.verdict, k.edges, k.picked_at AS "pickedAt",
            coalesce(b.name, k.signed_as || ' (imported' || coalesce(' by ' || i.name, '') || ')') AS "pickedBy", p.hook_up AS "hookUp", p.condition, p.longitude, p.latitude, f.ids AS photos
     FROM positions p
       LEFT JOIN picks k ON k.company_id = p.company_id AND k.position_id = p.id
       LEFT JOIN people b ON b.company_id = p.company_id AND b.id = k.picked_by
       LEFT JOIN people i ON i.company_id = p.company_id AND i.id = k.imported_by
       LEFT JOIN people c ON c.company_id = p.company_id AND c.id = p.changed_by
       LEFT JOIN LATERAL (
         SELECT array_agg(id ORDER BY taken_at) AS ids FROM photos WHERE company_id = p.company_id AND position_id = p.id
       ) f ON true
     WHERE p.company_id = :companyId AND ${'id' in where ? 'p.id = :id' : 'p.line_id = :lineId'}
     ORDER BY p.place_on_line`,
    {
      type: QueryTypes.SELECT,
      replacements: { ...where, companyId: currentCompanyId() },
    },
  );
  const [line] = await sequelize.query<{ items: WalkItem[]; facts: LineFacts }>(
    `SELECT coalesce(w.items, '[]') AS items, l.facts
     FROM lines l LEFT JOIN walks w ON w.company_id = l.company_id AND w.line_id = l.id
     WHERE l.company_id = :companyId
       AND l.id = ${'id' in where ? '(SELECT line_id FROM positions WHERE company_id = :companyId AND id = :id)' : ':lineId'}`,
    { type: QueryTypes.SELECT, replacements: { ...where, companyId: currentCompanyId() } },
  );
  const dutyOf = dutyOnLine(line?.items ?? [], line?.facts);
  return rows.map((row) => viewOf({ ...row, duty: dutyOf(row.duty, row.id) }));
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
    photos: row.photos ?? [],
    changed:
      lastChange !== null && changedBy !== null
        ? { id: lastChange, by: changedBy, at: updatedAt.toISOString() }
        : null,
  };
}
