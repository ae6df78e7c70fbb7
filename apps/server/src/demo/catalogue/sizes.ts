import type { ModelSize } from '@grevik/core';

/** Rows of [DN, bore in mm or 0 for the pipe's, Kv of the sheet or 0 for none, price]. */
type SizeRow = readonly [dn: number, boreMm: number, kv: number, price: number];

/** The sizes a model is made in. */
export const sizes = (...rows: SizeRow[]): ModelSize[] =>
  rows.map(([dn, boreMm, kv, price]) => ({
    dn,
    ...(boreMm > 0 && { boreM: boreMm / 1000 }),
    ...(kv > 0 && { kv }),
    price,
  }));
