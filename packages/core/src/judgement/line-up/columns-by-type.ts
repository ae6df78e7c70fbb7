import type { ValveType } from '../../ground/valves/index.js';
import type { CatalogueModel } from './catalogue-model.js';
import type { Column } from './line-up.js';

/** The models of one type that could serve, and what they cost. */
export interface TypeColumn<M extends CatalogueModel = CatalogueModel> {
  type: ValveType;
  /** Its best model here. */
  best: Column<M>;
  /** All of them, best first. */
  models: Column<M>[];
  /** Cheapest and dearest, each. */
  prices: [low: number, high: number];
}

/**
 * A line-up by types: one column a type, headed by its best model.
 *
 * @param columns what could serve, best first
 *
 * @example
 * columnsByType(lineUp(duty, models).columns)[0].models.length // 7
 */
export function columnsByType<M extends CatalogueModel>(columns: readonly Column<M>[]): TypeColumn<M>[] {
  const types = new Map<ValveType, TypeColumn<M>>();
  for (const column of columns) {
    const { type } = column.model;
    const { price } = column.size;
    const known = types.get(type);
    if (!known) types.set(type, { type, best: column, models: [column], prices: [price, price] });
    else {
      known.models.push(column);
      known.prices = [Math.min(known.prices[0], price), Math.max(known.prices[1], price)];
    }
  }
  return [...types.values()];
}

/** What is ruled out for one reason. */
export interface RuledOutGroup<M extends CatalogueModel = CatalogueModel> {
  rule: string;
  columns: Column<M>[];
}

/**
 * What is ruled out, by the first reason each is ruled out for; the reason that rules out most comes first.
 *
 * @param tray what is out
 *
 * @example
 * ruledOutByReason(lineUp(duty, models).tray)[0] // { rule: 'serves', columns: [...] }
 */
export function ruledOutByReason<M extends CatalogueModel>(tray: readonly Column<M>[]): RuledOutGroup<M>[] {
  const groups = new Map<string, RuledOutGroup<M>>();
  for (const column of tray) {
    const rule = column.reasons.find(({ verdict }) => verdict === 'out')?.rule ?? '';
    const known = groups.get(rule);
    if (known) known.columns.push(column);
    else groups.set(rule, { rule, columns: [column] });
  }
  return [...groups.values()].sort((a, b) => b.columns.length - a.columns.length);
}
