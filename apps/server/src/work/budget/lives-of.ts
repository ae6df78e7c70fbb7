import { type LifeSeen, type ValveType, livesSeen, valveInService, valveLife } from '@grevik/core';
import type { ServedRow } from './served-rows.js';

/** The valve in service at a position. */
export interface ValveHere {
  type: ValveType;
  since?: string;
}

export function valveHere({
  medium,
  duty,
  condition,
  type,
  handedOverAt,
  events,
}: ServedRow): ValveHere | undefined {
  return valveInService({
    medium,
    duty,
    condition,
    ...(type !== null && { model: { type } }),
    ...(handedOverAt !== null && { handedOverAt }),
    entries: (events ?? []).flatMap(({ at, replaced }) =>
      replaced ? [{ kind: 'replaced' as const, happenedAt: at }] : [],
    ),
  });
}

/** What its water does to a valve, as far as the duty says. */
export const waterOf = ({ duty: { hardWater, chloramine, aggressiveToBrass } }: ServedRow) => ({
  ...(hardWater !== undefined && { hardWater }),
  ...(chloramine !== undefined && { chloramine }),
  ...(aggressiveToBrass !== undefined && { aggressiveToBrass }),
});

/** How long the valves of a position lasted. */
export function livesOf(row: ServedRow): LifeSeen[] {
  const type = valveHere(row)?.type;
  if (type === undefined) return [];
  // At a hand-over the picked valve is in service: what was found before was another.
  const handedOver =
    row.type !== null && row.handedOverAt !== null ? [{ at: row.handedOverAt, replaced: true }] : [];
  return livesSeen(
    [...handedOver, ...(row.events ?? [])],
    type,
    (of) => valveLife({ type: of, medium: row.medium, ...waterOf(row) }).factor,
  );
}
