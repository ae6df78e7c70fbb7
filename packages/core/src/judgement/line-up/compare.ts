import { kvDropPa } from '../../physics/loss/index.js';
import { type Duty, liquidDensityKgM3 } from '../selection/index.js';
import { VALVE_STORIES } from '../../ground/valves/index.js';
import { isLiquid } from '../../ground/media/index.js';
import type { CatalogueModel } from './catalogue-model.js';
import { costOf } from './cost.js';
import type { Column } from './line-up.js';

/** How one column stands against the first of those compared. */
export interface Compared<M extends CatalogueModel = CatalogueModel> {
  column: Column<M>;
  /** More than the first over all places alike, in the currency; below 0 it costs less. */
  costsMore: number;
  /** More lost fully open at the duty's flow than in the first, Pa; left out where it is not known of both. */
  losesMorePa?: number;
  /** More years to the middle of its expected life. */
  lastsLonger: number;
  /** The part that goes first, as its type's story says. */
  firstToGo: string;
}

/**
 * Sets columns beside the first of them, in the figures a foreman argues with.
 *
 * @param columns those chosen, the first being the one the others are measured against
 * @param duty    gives the flow
 * @param alike   positions of the job that ask the same
 *
 * @example
 * compare([cheap, good], duty, 4)[1] // { column: good, costsMore: 41, losesMorePa: -41368, lastsLonger: 12, firstToGo: ... }
 */
export function compare<M extends CatalogueModel>(
  columns: readonly Column<M>[],
  duty: Duty,
  alike: number,
): Compared<M>[] {
  const [first] = columns;
  if (!first) return [];
  const overJob = (column: Column<M>): number => costOf(column.size, column.life, alike).overJob;
  const middle = ({ life: { years } }: Column<M>): number => (years[0] + years[1]) / 2;
  const base = openDropPa(first, duty);
  return columns.map((column) => {
    const drop = openDropPa(column, duty);
    return {
      column,
      costsMore: Math.round((overJob(column) - overJob(first)) * 100) / 100,
      ...(drop !== undefined && base !== undefined && { losesMorePa: drop - base }),
      lastsLonger: middle(column) - middle(first),
      firstToGo: VALVE_STORIES[column.model.type].wears,
    };
  });
}

/** What a column loses fully open at the duty's flow, Pa; undefined for gas and steam and where flow or Kv is not known. */
export function openDropPa({ open }: Column, duty: Duty): number | undefined {
  if (!open || duty.flowM3s === undefined || !isLiquid(duty.medium)) return undefined;
  return kvDropPa(duty.flowM3s, open.kv, liquidDensityKgM3(duty));
}
