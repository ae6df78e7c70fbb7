import type { GasLineCase } from '@grevik/core';
import type { Words } from '../../../words';
import type { FieldsOf } from '../case/case-fields';

/** Seven inches of water, said to be assumed. */
export const USUAL_SUPPLY_PA = 1744;

/** What of a gas line a person may set; the heat of each appliance is set in its row. */
export const gasLineFields = (words: Words): FieldsOf<Omit<GasLineCase, 'gas' | 'heatW'>> => ({
  supplyPa: { label: words('gas.supply'), as: 'pressure', min: 500, max: 7e5 },
  dropPa: { label: words('gas.drop'), as: 'pressure', min: 10, max: 1e5 },
  elbowsPerRun: { label: words('gas.elbows'), as: 'count', min: 0, max: 20, even: true },
});

/** A purge as the bench takes it. */
export interface PurgeCase {
  insulated: boolean;
  pressurePa: number;
  volumes: number;
  openKv: number;
  hasTrip: boolean;
  tripM3h: number;
  opening: number;
}

/** What of a purge a person may set. */
export const purgeFields = (words: Words, hasTrip: boolean): FieldsOf<PurgeCase> => ({
  insulated: { label: words('purge.hasJoint'), as: 'switch' },
  pressurePa: { label: words('purge.pressure'), as: 'pressure', min: 500, max: 7e5 },
  volumes: { label: words('purge.volumes'), as: 'count', min: 1, max: 10, even: true },
  openKv: { label: words('purge.outlet'), as: 'capacity', min: 0.5, max: 3000 },
  hasTrip: { label: words('purge.hasTrip'), as: 'switch' },
  ...(hasTrip && { tripM3h: { label: words('purge.trip'), as: 'gas flow', min: 0.5, max: 5000 } }),
  opening: { label: words('purge.opening'), as: 'percent', min: 0.01, max: 1, even: true },
});
